import type { Schemas } from '../api/client';
import { dayAhead, minutes } from './format';
import { rounded } from './units';
import { taskWords } from './schedule';
import { workTitle } from './work';

type Page = Schemas['PlanPage'];
type Visit = Schemas['PlannedVisit'];

const NAMED = 3;

/** A day of the plan: today, tomorrow, Thu, 14 Dec. */
export const planDay = (day: string) => dayAhead(day);

/** The same with its capital. */
export function dayTitle(day: string): string {
  const words = planDay(day);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** An evening: this evening, tomorrow evening, Thu evening. */
export function eveningOf(day: string): string {
  const words = dayTitle(day);
  return words === 'Today' ? 'This evening' : `${words} evening`;
}

/** When a crew leaves, as people say it: Thu 07:00. */
export const leavesAt = ({ leaves, at }: { leaves: string; at: string }) =>
  `${dayTitle(leaves)} ${at.slice(0, 5)}`;

/** The same within a sentence: tomorrow 07:00. */
export const leavesThen = ({ leaves, at }: { leaves: string; at: string }) =>
  `${planDay(leaves)} ${at.slice(0, 5)}`;

/** What is done in a visit: what waits first, then the tasks; what comes with every use last and in one word. */
export function visitTitle(visit: Visit, saw: Schemas['PlanSaw'] | undefined): string {
  // Back from somebody else, it is looked over before all else.
  if (visit.waitedFor.cause === 'AWAY') return 'Set back and prove, back from the mechanic';
  const first = saw?.headline;
  const done = visit.tasks.filter((task) => visit.riding[task] === undefined);
  const apart = done.filter((task) => !visit.routine.includes(task)).map(named);
  const routine = done.filter((task) => visit.routine.includes(task)).map(named);
  const parts = [...apart.slice(0, NAMED), ...(routine.length > 1 ? ['Routine'] : routine)];
  const more = apart.length > NAMED ? ` and ${apart.length - NAMED} more` : '';
  const shown = parts.map((word, i) => (i === 0 ? word : lower(word))).join(', ') + more;
  if (visit.others && first && !('events' in first)) {
    const title = workTitle(first, saw.power);
    return shown === '' ? title : `${title}; ${lower(shown)}`;
  }
  return shown === '' ? 'Nothing is due' : shown;
}

export const named = (task: Schemas['Task']) => taskWords[task];
export const lower = (word: string) => word.charAt(0).toLowerCase() + word.slice(1);

/** Why a visit is on its day. */
export function visitReason(visit: Visit, page: Page): string {
  const booking = page.bookings.find((one) => one.id === visit.booking);
  const crew = booking ? [`${booking.crew}, ${planDay(booking.leaves)}`] : [];
  switch (visit.reason) {
    case 'ON_BENCH':
      return ['on the bench', ...crew].join(', for ');
    case 'BOOKING':
      return crew[0] ?? 'booked';
    case 'HELD':
      return 'held';
    case 'SAFETY':
      return 'safety check overdue';
    case 'OVERDUE':
      return 'overdue';
    case 'DUE':
      return 'due';
    case 'PINNED':
      return 'put there';
  }
}

/** A booking in one sentence: what meets it, or how much is missing. */
export function bookingWords(booking: Schemas['PlanBooking']): string {
  const { missing, wanted, candidates, taken } = booking;
  const has = taken > 0 ? `, ${taken} with the crew already` : '';
  if (missing === 0) return `met${has}`;
  if (candidates === 0) return 'No saw of the fleet is of this kind.';
  if (candidates < wanted.saws) {
    return `${missing} short. The fleet has ${candidates} of this kind.`;
  }
  return `${missing} short${has}.`;
}

/** The minutes of a day against those there are. */
export function dayMinutes({ minutes: there, planned, done }: Schemas['PlanDay']): string {
  const did = done > 0 ? `, ${minutes(done)} done` : '';
  if (there <= 0 && planned <= 0) return done > 0 ? `no minutes left${did}` : 'no bench';
  return `${rounded(planned, 0)} of ${minutes(there)}${done > 0 ? ` left${did}` : ''}`;
}
