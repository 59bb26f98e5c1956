import { house } from './house';
import type { Schemas } from '../api/client';
import { BURNED, dayAhead, dayOf, rounded } from './format';
import { byGauge, byCaliper } from './units';
import { sideWords } from './edge';

export const wearWords: Record<Schemas['WearKind'], string> = {
  GROWTH: 'Chain growth',
  CUTTER: 'Shortest cutter',
  GROOVE: 'Groove clearance',
  SPROCKET: 'Sprocket wear',
};

/** What is left, as a range, and when that will be. Silent where the readings say nothing. */
export function lifeSentence(wear: Schemas['WearView'], power: Schemas['Power']): string {
  if (wear.readings === undefined) {
    const count = wear.points.length;
    return `${count} ${count === 1 ? 'reading' : 'readings'}: too few to say how long it lasts.`;
  }
  if (wear.tanksLikely === undefined) return `No wear seen over ${wear.readings} readings.`;
  if (wear.tanksLikely <= 0) return 'At its limit.';
  const late = wear.tanksLate === undefined ? 'or many more' : `to ${rounded(wear.tanksLate, 0)}`;
  const date = wear.date
    ? `, about ${dayAhead(wear.date.likely)} (${dayAhead(wear.date.early)} to ${dayAhead(wear.date.late)})`
    : '';
  return `About ${rounded(wear.tanksLikely, 0)} ${BURNED[power]}s left (${rounded(wear.tanksEarly ?? 0, 0)} ${late})${date}. Estimate from ${wear.readings} readings.`;
}

/** Money in the currency of the fleet; a bare figure until one is chosen. */
export function money(cents: number): string {
  const { currency } = house();
  return currency === 'NONE'
    ? (cents / 100).toFixed(2)
    : new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(cents / 100);
}

export function costSentence(cost: Schemas['CostPerTank'] | undefined, power: Schemas['Power']): string {
  return cost ? `${money(cost.cents)} a ${BURNED[power]}${cost.estimated ? ' (est.)' : ''}` : '';
}

/** What stands out, in a sentence that names its figures. */
export function insightSentence(found: Schemas['Insight']): string {
  const tank = BURNED[found.power];
  const figure = byGauge(found.figure);
  const against = found.against === undefined ? '' : byGauge(found.against);
  switch (found.kind) {
    case 'EATS_EDGES':
      return `Saw ${found.saw} wears cutters fast: ${figure} a ${tank}, its sisters ${against}. Ask where it works.`;
    case 'COSTLY_OUTING':
      return `Saw ${found.saw}: between ${dayOf(found.from ?? '')} and ${dayOf(found.to ?? '')} a ${tank} cost ${figure} of cutter, usually ${against}. Look who had it, and what it cut.`;
    case 'GROWS_FAST':
      return `Loop ${found.chain} on saw ${found.saw} grows ${figure} a ${tank}, against ${against} before or on its sisters. Look at sprocket, nuts and oil.`;
    case 'SHORTER_SIDE':
      return `Loop ${found.chain} on saw ${found.saw}: the ${sideWords[found.side ?? 'LEFT']} side was shorter in ${found.times ?? 0} of ${found.of ?? 0} sharpenings, by ${byCaliper(found.figure)}. Somebody presses harder there, or the vice sits askew.`;
  }
}
