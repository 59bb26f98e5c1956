import type { Schemas } from '../api/client';
import { words } from './en';
import { byRule } from './units';
import { figure, list, rounded, turn } from './format';

type Verdict = Schemas['TensionVerdict'];

function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1) + '.';
}

/** The verdict in a word or two. */
export function verdictWord(outcome: Schemas['TensionOutcome'], provisional: boolean): string {
  // A hot chain hangs looser than a cold one: what it shows is no reason to tighten it.
  if (provisional && outcome === 'LOOSE') return 'Hot: read it cold';
  return provisional ? `${words.outcome[outcome]}, read hot` : words.outcome[outcome];
}

function slack(verdict: Verdict): string {
  const ratio = verdict.figures.ratio;
  if (ratio === undefined) return '';
  if (ratio >= 1.15) return `The loop has about ${rounded(ratio, 1)} times the slack this bar wants`;
  if (ratio <= 0.85) return `The loop has about ${rounded(ratio * 100, 0)} % of the slack this bar wants`;
  return 'The slack is what this bar wants';
}

/** Why the verdict is what it is. */
export function reasonOf(verdict: Verdict, method: Schemas['TensionMethod']): string {
  const name = words.method[method].toLowerCase();
  const said = verdict.reasons.map((reason): string => {
    switch (reason) {
      case 'RATIO':
        return `${slack(verdict)}.`;
      case 'BAND':
        return verdict.outcome === 'RIGHT'
          ? `Inside the good band of ${name}.`
          : `Outside the good band of ${name}.`;
      case 'BY_EYE':
        return 'Judged by the tips alone.';
      case 'THROW_RATIO':
        return `${slack(verdict)}: the chain can climb off and whip round.`;
      case 'TIPS_CLEAR_WITHOUT_PULL':
        return 'Tips hang clear of the groove without any pull: the chain can climb off and whip round.';
      case 'WILL_NOT_MOVE':
        return 'The chain will not move by hand with the brake off.';
      case 'NOT_BY_ONE_FINGER':
        return 'It moves, but not freely by one finger.';
      case 'NO_SPRING_BACK':
        return 'It does not spring back when lifted.';
      case 'CONTRADICTORY':
        return 'It hardly lifts and yet does not spring back. Those two do not go together.';
      case 'TIGHT_SPOT':
        return 'It binds in one place.';
      case 'LOOSE_EVEN_DRY':
        return 'A dry chain reads falsely tight, and this one is loose all the same.';
      case 'UNFAIR':
        return 'The reading was not valid, so it says nothing about the chain.';
      case 'READ_HOT':
        return 'A hot chain hangs looser than a cold one.';
      case 'TIGHTENED_HOT':
        return 'It was tightened hot and will shrink.';
    }
  });
  if (verdict.outcome === 'TOO_TIGHT' || verdict.outcome === 'STUCK_TIGHT') {
    said.push('A chain run like this puts heat into nose, sprocket, bearing and clutch: look at them.');
  }
  return said.join(' ');
}

/** What the hand does next. */
export function nextMoveOf(verdict: Verdict, method: Schemas['TensionMethod']): string {
  const next = verdict.next;
  const aim = next.aim === undefined ? '' : ` Aim for ${figure(next.aim, method)} on this bar.`;
  const held =
    verdict.outcome === 'THROW_RISK' || verdict.outcome === 'STUCK_TIGHT' ? 'Do not run the saw. ' : '';
  switch (next.kind) {
    case 'NONE':
      return 'Tighten the nuts, rear first, with the nose still up.';
    case 'TURN_IN':
      return `${held}Turn the adjuster in about ${turn(next.turn ?? { wholes: 0, parts: 0, of: 1 })}, then pull the chain round and read again.${aim}`;
    case 'TURN_OUT':
      return `${held}${verdict.outcome === 'FIRM' ? 'Usable. To ease it, turn' : 'Turn'} the adjuster out about ${turn(next.turn ?? { wholes: 0, parts: 0, of: 1 })}, then pull the chain round and read again.${aim}`;
    case 'FIND_WHAT_HOLDS':
      return 'Do not run the saw, do not tighten. Find what holds it: a bent link, a seized nose, the brake band, the chain off its sprocket.';
    case 'READ_FAIRLY': {
      const mending = verdict.unmet.map((c) => words.unfair[c]);
      return mending.length === 0
        ? 'Take the reading again.'
        : `${sentence(list(mending, 'and'))} Then read again.`;
    }
    case 'READ_COLD':
      return `${held}Let the chain cool, then read again. A chain tightened hot shrinks and runs too tight.`;
    case 'SLACKEN_BEFORE_COOLING':
      return `${held}Turn the adjuster back out about ${turn(next.turn ?? { wholes: 0, parts: 0, of: 1 })} before it cools, then read it cold.`;
    case 'FIND_TIGHT_SPOT':
      return 'Pull round slowly, mark the place, and look there for a bent link; if it stays at the tip, for a seized nose.';
    case 'MEASURE':
      return `${held}Take a rule and read the pull: the eye cannot tell how far to turn.`;
  }
}

export function methodHint(method: Schemas['TensionMethod'], target: number): string {
  switch (method) {
    case 'TANG_LINE':
      return `Good: about ${byRule(target)}, tips level with the rail edge.`;
    case 'LIFT_AND_SNAP':
      return `Good: about ${byRule(target)}, tips just show and it springs back.`;
    case 'RAIL_TOUCH':
      return 'Good: just touching or a hair below, moves freely by one finger.';
    case 'COIN_GAP':
      return 'Good: one coin passes, two do not.';
    case 'TWELFTH_PAST_TOUCH':
      return 'Good: about a twelfth of a turn past touch, moves freely.';
  }
}
