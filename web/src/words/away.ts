import type { Schemas } from '../api/client';
import { BURNED, dayAhead, dayOf, rounded } from './format';
import { money } from './wear';

type View = Pick<Schemas['AwayView'], 'who' | 'why' | 'since' | 'said' | 'overdue' | 'back'>;
type PartView = Schemas['PartAwayView'];
type Range = Schemas['Spread'];

/** With whom it is, since when, and when it is expected: in one line. */
export function awayLine(view: View): string {
  return [`With ${view.who} since ${dayOf(view.since)}`, expectedWords(view)].join(', ');
}

/** When it is expected, and whether the plan counts on that. */
export function expectedWords({ said, overdue }: View): string {
  const last = said[said.length - 1];
  if (last?.expectedOn === undefined) return 'nobody said until when';
  if (overdue) return `expected ${dayOf(last.expectedOn)}: overdue, ask`;
  const day = `expected ${dayAhead(last.expectedOn)}`;
  return last.counted ? `${day}, the plan counts on it` : `${day}, the plan does not count on it`;
}

/** What was said one time. */
export function saidWords({ expectedOn, counted, quoteCents, newCents, note }: Schemas['SaidView']): string {
  return [
    expectedOn === undefined ? 'no day' : `back ${dayOf(expectedOn)}${counted ? '' : ', not counted on'}`,
    quoteCents === undefined ? '' : `about ${money(quoteCents)}`,
    newCents === undefined ? '' : `a new one ${money(newCents)}`,
    note ?? '',
  ]
    .filter(Boolean)
    .join('; ');
}

/** What a saw has cost at mechanics so far, over how much work and time. */
export function billWords({ billCents, tanks, days }: Schemas['AwayPage'], power: Schemas['Power']): string {
  const bill = billCents === 0 ? 'No bill so far' : `Bills so far ${money(billCents)}`;
  const unit = BURNED[power];
  const before =
    tanks.before >= 1 ? `, about ${rounded(tanks.before, 0)} more before the records begin (est.)` : '';
  return `${bill}. ${rounded(tanks.recorded, 0)} ${unit}s on record${before}; in service for ${age(days)}.`;
}

const DAYS_PER_YEAR = 365.25;
const DAYS_PER_MONTH = 30.4;

function age(days: number): string {
  const years = Math.floor(days / DAYS_PER_YEAR);
  if (years >= 2) return `${years} years`;
  return `${Math.max(1, Math.round(days / DAYS_PER_MONTH))} months`;
}

/** Whether repairing pays, in one sentence with its uncertainty. */
export function weighedWords(weighed: Schemas['RepairOrReplace'], power: Schemas['Power']): string {
  const { verdict, tanksLeft, repaired, fresh, share } = weighed;
  const unit = BURNED[power];
  const left = `the ${rounded(tanksLeft.likely, 0)} ${unit}s it may still do (est., ${rounded(tanksLeft.low, 0)} to ${rounded(tanksLeft.high, 0)})`;
  const costs = `Repaired, a ${unit} costs about ${span(repaired)} over ${left}`;
  if (fresh === undefined || share === undefined) {
    return `${costs}. Say what a new one costs, and the two are weighed.`;
  }
  const chance = Math.round(share * 10);
  return `${costs}, with a new saw about ${span(fresh)}: ${VERDICT[verdict](chance)}`;
}

const VERDICT: Record<Schemas['Verdict'], (ofTen: number) => string> = {
  REPAIR: (ofTen) => `repairing pays, in ${cases(ofTen)}.`,
  REPLACE: (ofTen) => `a new one pays, in ${cases(10 - ofTen)}.`,
  EITHER: (ofTen) => `money does not tell, repairing is cheaper in ${ofTen} of 10 cases.`,
  NO_PRICE: () => '',
};

const cases = (ofTen: number) => (ofTen >= 10 ? 'nearly every case' : `about ${ofTen} of 10 cases`);

const span = ({ likely, low, high }: Range) => `${money(likely)} (${money(low)} to ${money(high)})`;

/** Parts that went together: to one place, on one day, for one reason, and with the same said of them since. */
export function together(views: PartView[]): [PartView, ...PartView[]][] {
  const groups = new Map<string, [PartView, ...PartView[]]>();
  for (const view of views) {
    const last = view.said[view.said.length - 1];
    const key = JSON.stringify([
      view.who,
      view.why,
      view.since,
      last && saidWords(last),
      view.back?.at,
      view.asked,
    ]);
    const group = groups.get(key);
    if (group) group.push(view);
    else groups.set(key, [view]);
  }
  return [...groups.values()];
}

/** What was looked at on the shelf, and whether that stands. */
export function lookWords({ at, by, struckAt, struckBy, reason }: Schemas['LookView']): string {
  const looked = `Looked at on the shelf ${dayOf(at)}, ${by}`;
  return struckAt === undefined
    ? `${looked}.`
    : `${looked}; struck out ${dayOf(struckAt)}, ${struckBy ?? ''}: ${reason ?? ''}`;
}

/** One time away that is over. */
export function pastWords({ who, why, since, back }: View): string {
  const bill = back?.costCents === undefined ? 'no bill' : money(back.costCents);
  return `${dayOf(since)} to ${back ? dayOf(back.at) : ''}, ${who}: ${why}. ${back?.done ?? ''}, ${bill}.`;
}
