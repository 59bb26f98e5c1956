import type { Schemas } from '../api/client';
import { stepWords } from './bench';
import { BURNED, momentOf, rounded } from './format';

export const originWords: Record<Schemas['FaultOrigin'], string> = {
  RETURN: 'reported on return',
  VISIT: 'found at the bench',
  READING: 'raised by a reading',
  RULE: 'raised by a rule',
  PERSON: 'reported by a person',
};

const SIGNALS: Record<Schemas['Signal'], string> = {
  OIL_USE_LOW: 'it uses little bar oil',
  OIL_USE_HIGH: 'it uses a lot of bar oil',
  LONG_SINCE_CLEAN: 'it has not been cleaned for a long time',
  RAIN_OUTINGS: 'it was out in rain',
  GROUND_STRUCK: 'ground was struck',
  CHAIN_GROWN: 'its chain has grown a lot',
  TAKES_UP_FAST: 'its chain takes up fast',
  NEW_CHAIN: 'its chain is new',
  LOOSE_WHEN_READ: 'the chain was loose when last read',
  TIGHT_WHEN_READ: 'the chain was too tight when last read',
  LEFT_CUTTERS_LONGER: 'its left cutters were measured longer',
  RIGHT_CUTTERS_LONGER: 'its right cutters were measured longer',
  CUTTERS_UNEVEN: 'its cutters were measured uneven',
  SHARPEN_OVERDUE: 'sharpening is due',
  GAUGES_OVERDUE: 'the depth gauges are due',
  FRESH_SPROCKET: 'the drum was off and no oil card has passed since',
  SPROCKET_WORN: 'its sprocket was measured worn',
  GROOVE_WORN: 'its groove was measured shallow',
  RAILS_OVERDUE: 'dressing the rails is due',
  FLIP_OVERDUE: 'the bar was not turned over',
  NOSE_UNGREASED: 'the nose missed its grease',
  BEARING_OVERDUE: 'bearing grease is due',
  FILTER_OVERDUE: 'the air filter is due',
  PLUG_OVERDUE: 'the plug is due',
  ARRESTOR_OVERDUE: 'the arrestor screen is due',
  STARTER_OVERDUE: 'starter and fins are due',
  TANKS_OVERDUE: 'tanks and pick-ups are due',
  FUEL_OLD: 'old fuel was found',
};

/** The usual caution of a stage, whatever is looked at there. */
function stageCaution(stage: Schemas['Stage'], power: Schemas['Power']): string | undefined {
  const off = { PETROL: 'plug lead off', BATTERY: 'battery out', CORDED: 'unplugged' }[power];
  switch (stage) {
    case 'CLOSED':
      return undefined;
    case 'RUNNING':
      return 'By its manual, second person near, full protective gear.';
    case 'COVER_OFF':
    case 'BAR_OFF':
    case 'DRUM_OFF':
      return `Engine off, ${off}. Gloves. Brake off before the cover.`;
    case 'TANKS_DRAINED':
      return `Engine off and cold, ${off}. No open fuel near sparks.`;
    case 'TOP_COVER_OFF':
    case 'SCREEN_OUT':
    case 'STARTER_OFF':
      return `Engine off and cold, ${off}.`;
  }
}

/** All that is to mind at a check, each thing once. */
export function checkCaution(check: Schemas['FinderCheck'], power: Schemas['Power']): string | undefined {
  const ofStage = stageCaution(check.stage, power) ?? '';
  const own = (check.caution ?? '').split(/(?<=\.)\s+/).filter((sentence) => !ofStage.includes(sentence));
  return [ofStage, ...own].filter(Boolean).join(' ') || undefined;
}

/** Why a cause is behind the complaint no more; nothing while it may be. */
export function whyOut(ranked: Schemas['RankedView']): string | undefined {
  switch (ranked.past) {
    case 'PUT_RIGHT':
      return 'Put right, and the complaint was still there.';
    case 'NOT_IT':
      return 'Ruled out.';
    case undefined:
      return ranked.endedBy === undefined ? undefined : `Out: ${ranked.endedBy}.`;
  }
}

/** What moved a cause, in one sentence: the strongest of what spoke for it, then of what spoke against it. */
export function evidenceSentence(ranked: Schemas['RankedView']): string {
  const said = (up: boolean) =>
    ranked.evidence
      .filter((e) => (up ? e.times > 1 : e.times < 1))
      .slice(0, 2)
      .map((e) => e.said ?? (e.signal ? SIGNALS[e.signal] : ''))
      .filter(Boolean)
      .join('; ');
  const up = said(true);
  const down = said(false);
  return [up && `More likely: ${up}.`, down && `Less likely: ${down}.`].filter(Boolean).join(' ');
}

/** Of twenty strokes, how many a cause has. Below one it is named and has none. */
export function strokesOfTwenty(share: number): number {
  return Math.round(share * 20);
}

/** Where a fault stands, and what comes next. */
export function stageSentence(fault: { stage: Schemas['FaultStage']; steps: Schemas['Step'][] }): string {
  const steps = fault.steps.map((s) => stepWords[s].title.toLowerCase()).join('; ');
  switch (fault.stage) {
    case 'SORT':
      return 'In words only: choose the complaint';
    case 'FIND':
      return 'Find the cause';
    case 'REPAIR':
      return `Still to do: ${steps}`;
    case 'PROVE':
      return `Still to prove: ${steps}`;
    case 'WITH_MECHANIC':
      return `With a mechanic. When it is back, prove: ${steps}`;
    case 'STAND':
      return 'Repaired. Needs a dry day on card';
    case 'CLOSES':
      return 'Repaired and proved. For an officer to close';
    case 'CLOSED':
      return 'Closed';
  }
}

export const wetWords: Record<Schemas['Wet'], string> = {
  DRY: 'Dry all round',
  CAP: 'At the cap',
  BAR_SIDE: 'Bar side',
  BELOW: 'Below',
};

const SUSPECTS: Record<Schemas['Suspect'], string> = {
  CAP_SEAL: 'the cap seal',
  HOSE: 'the hose',
  PUMP_SEAL: 'the pump seal',
  TANK: 'the tank',
};

/** How the stand on card goes, and what to do about it. */
export function watchSentence(watch: Schemas['WatchView']): string {
  switch (watch.state) {
    case 'NOT_STANDING':
      return 'Dry the saw, fill the oil, stand it on fresh card. The board says when to look; only a dry day closes it.';
    case 'STANDS':
      return `On card since ${momentOf(watch.stoodAt ?? '')}. First look due ${momentOf(watch.lookAt ?? '')}.`;
    case 'LOOK_DUE':
      return 'The first look is due. Where is the card wet?';
    case 'DRY_SO_FAR':
      return `Dry so far. Last look due ${momentOf(watch.dryAt ?? '')}.`;
    case 'LAST_LOOK_DUE':
      return 'The day is up. Look once more: if it is dry, the leak is closed.';
    case 'WET':
      return `Wet: ${wetWords[watch.wet ?? 'BELOW'].toLowerCase()}. Suspect ${watch.suspects
        .map((s) => SUSPECTS[s])
        .join(' or ')}. Swap one part, then stand it again.`;
    case 'DRY':
      return 'Stayed dry for a day.';
  }
}

export const happenedWords: Record<Schemas['FaultEventKind'], string> = {
  ANSWERED: 'Checked',
  TAKEN_BACK: 'Answer taken back',
  CAUSE_FOUND: 'Cause found',
  CAUSE_DROPPED: 'That was not it',
  STILL_THERE: 'Put right, still there',
  DOUBTED: 'Answer doubted',
  SORTED: 'Sorted',
  TO_MECHANIC: 'To a mechanic',
  FROM_MECHANIC: 'Back from the mechanic',
  STOOD: 'Stood on fresh card',
  LOOKED: 'Looked at the card',
  CLOSED: 'Closed',
  NOT_CONFIRMED: 'Ended: not confirmed',
  MISTAKEN: 'Ended: entered by mistake',
};

export function repeatSentence(repeat: Schemas['RepeatView']): string {
  const within = repeat.days === 0 ? 'within a day' : `within ${repeat.days} days`;
  const where = repeat.kind === 'ON_ONE_SAW' ? `Saw ${repeat.where}` : `${repeat.where} saws`;
  return `${where}: ${repeat.cause.toLowerCase()}, ${repeat.times} times ${within}. Look for what lies behind it.`;
}

export const oilVerdictWords: Record<Schemas['OilVerdict'], string> = {
  NOT_OILING: 'Not oiling',
  LOW: 'Low',
  RIGHT: 'Right',
  HIGH: 'High',
};

const TRENDS: Record<Schemas['Trend'], string> = {
  FALLING: 'and falling',
  STEADY: 'and steady',
  RISING: 'and rising',
  UNKNOWN: '',
};

/** Verdict, reason and the next hand movement. */
/** What a saw burns its oil beside, one of it. */
export const burnWord: Record<Schemas['Power'], string> = {
  ...BURNED,
  PETROL: 'tank of fuel',
};

export function ratioSentence(
  ratio: Schemas['OilRatio'],
  power: Schemas['Power'],
  oiler: Schemas['OilerKind'],
): string {
  if (ratio.stillFull) {
    return `A whole ${BURNED[power]} was used and the oil tank is still full. The chain gets none: held until an oil card passes.`;
  }
  const usual = power === 'PETROL' ? '' : `, usual ${usualWords(ratio.usual, power)}`;
  const burned = power === 'PETROL' ? 'tanks' : `${burnWord[power]}s`;
  const said = `${rounded(ratio.ratio, 2)} tanks of oil for each ${burnWord[power]} over the last ${rounded(ratio.tanks, 1)} ${burned}${usual}`;
  const trend = TRENDS[ratio.trend];
  const tail = trend ? `, ${trend}` : '';
  switch (ratio.verdict) {
    case 'NOT_OILING':
      return `${said}${tail}. The chain gets next to nothing: held until an oil card passes.`;
    case 'LOW':
      return `${said}${tail}. Do the oil card before it goes out.`;
    case 'HIGH':
      return `${said}${tail}. It will run dry early, or it leaks: ${oiler === 'AUTOMATIC_ADJUSTABLE' ? 'turn the adjuster in, or ' : ''}look where it is wet. A passing card does not rule out a leak.`;
    case 'RIGHT':
      return `${said}${tail}. Nothing to do.`;
  }
}

/** What a saw is to use, and how sure that is. */
export function usualWords(usual: Schemas['OilUsual'], power: Schemas['Power']): string {
  const figure = `${rounded(usual.perTank, 2)} a ${burnWord[power]}`;
  switch (usual.source) {
    case 'GIVEN':
      return figure;
    case 'LEARNED':
      return `${figure}, learned from proven use`;
    case 'MODEL':
      return `${figure}, learned from proven use of its model`;
    case 'ESTIMATE':
      return `${figure} (est.)`;
  }
}

export const rungWords: Record<Schemas['Rung'], string> = {
  TANK_AND_GRADE: 'Oil in the tank, and the right grade',
  ADJUSTER: 'Oiler setting: out for more, in for less',
  BULB: 'Does the bulb spring back, and how many presses until oil comes',
  OUTLET_RUNS: 'Bar off, brake OFF so the drum turns, run: oil at the outlet?',
  BAR_BLOCKED: 'The bar is blocked: clear hole and groove, card again',
  OUTLET_PACKED: 'Oil outlet packed',
  PICK_UP: 'Pick-up filter',
  HOSE: 'Oil hose',
  VENT_OR_VALVE: 'Tank vent or check valve',
  CHECK_VALVE: 'Check valve of the pressure line; blue smoke and oil loss point to it',
  OIL_DRIVE: 'Oil drive not caught after a sprocket refit',
  PUMP: 'Pump: a qualified mechanic',
};

export const gradeWords: Record<Schemas['OilGrade'], string> = {
  THIN_WINTER: 'Thin winter oil, grade 10',
  THIRTY: '30 weight',
};
