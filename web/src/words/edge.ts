import type { Schemas } from '../api/client';
import { byCaliper, fine } from './units';
import { rounded } from './format';

export const sideWords: Record<Schemas['Side'], string> = { LEFT: 'left', RIGHT: 'right' };

export const damageWords: Record<Schemas['CutterDamage'], string> = {
  CHIPPED: 'Chipped',
  BROKEN: 'Broken short',
  CRACKED: 'Cracked',
  MISSING: 'Missing',
};

export const adviceWords: Record<Schemas['EdgeAdvice'], string> = {
  TOUCH_UP: 'Touch up',
  EQUALISE: 'Bring to one length',
  SCRAP: 'Scrap the loop',
  OUT_OF_USE: 'Out of use',
};

const REASONS: Record<Schemas['PlanReason'], string> = {
  SIDES_LEAD_IN_A_CURVE: 'The sides differ enough to lead the saw in a curve.',
  SIDES_FAR_APART: 'The sides are too far apart to be touched up.',
  SIDE_UNEVEN: 'One side is uneven in itself: it cuts rough.',
  PASSES_MARK: 'Filing would pass the wear mark.',
  CUTTER_CONDEMNED: 'A cutter is cracked or missing: this loop is not used again.',
  DAMAGED_LEFT_OUT: 'Damaged cutters are left out.',
  CHOSEN_LEFT_OUT: 'The cutters you chose are left out.',
  MAY_BE_ONE_CUTTER: 'Judged from four lengths only: it may be one bad cutter.',
};

/** Verdict, reason and the next hand movement. */
export function planSentence(plan: Schemas['SharpeningPlan']): string {
  const reasons = plan.reasons.map((r) => REASONS[r]).join(' ');
  switch (plan.advice) {
    case 'TOUCH_UP':
      return `Sides and lengths are even. ${reasons} The same strokes on every cutter.`.replace('  ', ' ');
    case 'EQUALISE':
      return `${reasons} File each down to ${byCaliper(plan.targetMm)}, then the base strokes on all.`;
    case 'SCRAP':
      return `${reasons} Fit another loop.`;
    case 'OUT_OF_USE':
      return `${reasons} Take it off and retire it.`;
  }
}

/** What a difference of the sides does to the cut. */
export function balanceSentence(balance: Schemas['SideBalance']): string {
  const off = byCaliper(Math.abs(balance.differenceMm));
  return balance.leadsTo
    ? `Sides ${off} apart: leads to the ${sideWords[balance.leadsTo]}, where the cutters are longer.`
    : `Sides ${off} apart: cuts straight.`;
}

/** How sure the removal per stroke is. */
export function rateSentence(rate: Schemas['FilingRate']): string {
  const stroke = `${fine(rate.mm)} a stroke`;
  const of = `${rate.filings} ${rate.filings === 1 ? 'sharpening' : 'sharpenings'}`;
  if (rate.source === 'ESTIMATE') return `${stroke} (est.). Measure again after filing, and it is learned.`;
  const range = rate.range ? `, from ${fine(rate.range.low)} to ${fine(rate.range.high)}` : '';
  return rate.source === 'CHAIN'
    ? `${stroke}, learned from ${of} of this loop${range}.`
    : `${stroke}, learned from ${of} of its pitch${range}.`;
}

export const pairingWords: Record<Schemas['PairingNote'], string> = {
  NEW_LOOP_ON_WORN_SPROCKET: 'A worn sprocket ruins a new loop: new sprocket first.',
  SPROCKET_NOT_MEASURED: 'New loop: measure the sprocket before it runs.',
  WORN_LOOP_ON_NEW_SPROCKET:
    'A worn loop ruins a new sprocket: fit a new loop, or one as worn as its sisters.',
  LOOPS_APART: 'The loops on this sprocket are worn too differently to share it.',
};

/** Which way up a bar goes back. */
export function flipSentence(flip: Schemas['BarFlip']): string {
  const now = flip.turned ? 'It is turned over now.' : 'It is the way up it was when new.';
  return flip.turnNow ? `${now} Turn it over this time.` : `${now} It goes back the same way up.`;
}

/** Strokes for the shortest and the longest of each side, from a sample. */
export function sampleWords(plan: Schemas['SharpeningPlan']): string {
  const side = (wanted: Schemas['Side']) =>
    plan.cutters
      .filter((c) => c.side === wanted)
      .map((c) => c.strokes)
      .join(' to ');
  const strokes =
    plan.way === 'SAME_ON_ALL'
      ? `${plan.cutters[0]?.strokes ?? 0} strokes on every cutter`
      : `strokes left ${side('LEFT')}, right ${side('RIGHT')}, more on the longer ones`;
  const alone = plan.cutters.find((c) => plan.outliers.includes(c.place));
  const one = alone
    ? ` The shortest on the ${sideWords[alone.side]} stands alone, so that may be one bad cutter: leave it out, or map the loop.`
    : '';
  return `${adviceWords[plan.advice]}: ${strokes} (est.). ${balanceSentence(plan.balance)}${one}`;
}

/** What it costs to file the cutters back, past damage or until the gauges are right again. */
export function fileBackSentence(back: Schemas['FileBack'], why: 'DAMAGE' | 'GAUGES'): string {
  const strokes = `${back.strokes} ${back.strokes === 1 ? 'stroke' : 'strokes'}`;
  const cost = `${rounded(back.percentOfLife, 0)} % of the life of the loop (est.)`;
  const mark = back.scrap ? ' That passes its mark: scrap it.' : '';
  return why === 'DAMAGE'
    ? `${strokes} on every cutter take the damage out and cost ${cost}.${mark}`
    : `Cured only by filing back: ${strokes} on every cutter, ${cost}. Then read the gauges again.${mark}`;
}
