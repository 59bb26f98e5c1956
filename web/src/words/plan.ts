import type { Schemas } from '../api/client';
import { fleetDay, said } from './days';
import { barLength, dayAhead, list, minutes } from './format';
import { rounded } from './units';
import { taskWords } from './schedule';
import { words } from './en';
import { workTitle } from './work';

type Page = Schemas['PlanPage'];
type Visit = Schemas['PlannedVisit'];

/** No plan looks so far ahead: nobody can say when. */
const NEVER = 2_147_483_647;
const NAMED = 3;

const LACK: Record<Schemas['Lack'], string> = {
  BAR: 'a shorter bar',
  HANDLE: 'the other handle',
  POWER: 'another drive',
};

/** How many saws of what kind: 3 with a rear handle, 16 in or more. */
export function wantedWords({ saws, barAtLeastMm, handle, power }: Schemas['Wanted']): string {
  const kind = [
    power ? lower(words.power[power]) : '',
    handle ? lower(words.handle[handle]) : '',
    barAtLeastMm === undefined ? '' : `${barLength(barAtLeastMm)} or more`,
  ].filter(Boolean);
  const many = saws === 1 ? '1 saw' : `${saws} saws`;
  return kind.length === 0 ? many : `${many}: ${kind.join(', ')}`;
}

/** A day of the plan: today, tomorrow, Thu, 14 Dec. */
export const planDay = (day: string) => dayAhead(day);

/** The same with its capital. */
export function dayTitle(day: string): string {
  const words = planDay(day);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** When a crew leaves, as people say it: Thu 07:00. */
export const leavesAt = ({ leaves, at }: { leaves: string; at: string }) =>
  `${dayTitle(leaves)} ${at.slice(0, 5)}`;

/** How long it is away. */
export function away({ leaves, until }: { leaves: string; until: string }): string {
  return leaves === until ? '1 day' : `until ${planDay(until)}`;
}

/** The day that lies so many days after another one. */
const dayIn = (today: string, later: number) =>
  said(fleetDay(today, later), { weekday: 'short', day: 'numeric', month: 'short' });

/** What a saw waits for. */
export function untilWords({ cause, day, what }: Schemas['Until'], today: string): string {
  const when = day === NEVER ? '' : ` ${dayIn(today, day)}`;
  switch (cause) {
    case 'OUT':
      return when
        ? `out with ${what ?? 'a crew'}, back${when}`
        : `out with ${what ?? 'a crew'}, nobody said until when`;
    case 'PART':
      return when
        ? `${what ?? 'the part'} comes in time for${when}`
        : `${what ?? 'a part'} is not on the shelf and not on order`;
    case 'SOAK':
      return `${what ?? 'its loop'} lies in the oil overnight first`;
    case 'STANDS':
      return when ? `stands on card until${when}` : 'stands on card';
    case 'MECHANIC':
      return 'with a mechanic, nobody said until when';
    case 'AWAY':
      return when
        ? `with ${what ?? 'a mechanic'}, back${when}`
        : `with ${what ?? 'a mechanic'}, no day to count on`;
    case 'LEFT_OUT':
      return 'left out by the officer';
    case 'TOO_LONG':
      return 'its visit is longer than any day has minutes';
    case 'NONE':
      return 'the minutes are not enough';
  }
}

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

const named = (task: Schemas['Task']) => taskWords[task];
const lower = (word: string) => word.charAt(0).toLowerCase() + word.slice(1);

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

/** What goes with it beside its reason. */
export function visitNotes(visit: Visit, page: Page): string[] {
  const rides = Object.keys(visit.riding) as Schemas['Task'][];
  const saved = Math.max(0, ...Object.values(visit.riding));
  return [
    visit.pinned && visit.reason !== 'PINNED' ? 'put there by the officer' : '',
    rides.length > 0
      ? `rides along: ${list(
          rides.map((task) => lower(named(task))),
          'and',
        )}, saves ${rounded(saved, 0)} min`
      : '',
    visit.waitedFor.cause === 'NONE' ? '' : untilWords(visit.waitedFor, page.today),
  ].filter(Boolean);
}

/** A saw that a booking gets. */
export function givenWords({ tag, readyOn, minutes: takes, doubtful }: Schemas['GivenSaw']): string {
  if (readyOn === undefined) return `${tag} is fit`;
  const visit = `${tag} ${planDay(readyOn)} ${minutes(takes)}`;
  return doubtful ? `${visit}, it may need more` : visit;
}

/** A booking in one sentence: what meets it, or how much is missing. */
export function bookingWords(booking: Schemas['PlanBooking']): string {
  const { missing, wanted, candidates } = booking;
  if (missing === 0) return 'met';
  if (candidates === 0) return 'No saw of the fleet is of this kind.';
  if (candidates < wanted.saws) {
    return `${missing} short. The fleet has ${candidates} of this kind.`;
  }
  return `${missing} short.`;
}

/** A way out of a booking that is short. */
export function wayWords(way: Schemas['WayOut']): string {
  const { kind, tag, minutes: takes, day, what, lacks, barMm, usualDays } = way;
  const when = day === undefined ? '' : planDay(day);
  switch (kind) {
    case 'TAKE_OTHER':
      return `Take ${tag}: fit by then, with ${
        lacks.includes('BAR') && barMm !== undefined
          ? `its ${barLength(barMm)}`
          : list(
              lacks.map((one) => LACK[one]),
              'and',
            )
      }.`;
    case 'WORK_LONGER':
      return takes > 0
        ? `Work ${minutes(takes)} longer ${when}, for ${tag}.`
        : `Serve ${tag} ${when}: it has the room.`;
    case 'BORROW':
      return `Have ${what ?? 'the crew'} bring ${tag} back by ${when}: ${minutes(takes)} at the bench.`;
    case 'ORDER':
      return `Get ${what ?? 'the part'} for ${tag} by ${when}: ${minutes(takes)} at the bench.${
        way.inTime || usualDays === undefined
          ? ''
          : ` An order takes ${usualDays === 1 ? '1 day' : `${usualDays} days`} as a rule, too long.`
      }`;
  }
}

/** The minutes of a day against those there are. */
export function dayMinutes({ minutes: there, planned, done }: Schemas['PlanDay']): string {
  const did = done > 0 ? `, ${minutes(done)} done` : '';
  if (there <= 0 && planned <= 0) return done > 0 ? `no minutes left${did}` : 'no bench';
  return `${rounded(planned, 0)} of ${minutes(there)}${done > 0 ? ` left${did}` : ''}`;
}

/** A visit that is on another day. */
export function movedWords({ tag, from, to }: Schemas['MovedVisit']): string {
  if (from === undefined) return `${tag} comes on ${to === undefined ? '' : planDay(to)}`;
  return to === undefined ? `${tag} is left` : `${tag} from ${planDay(from)} to ${planDay(to)}`;
}

/** How a plan stands in one line each. */
export function standing(page: Page): string[] {
  const short = page.missing;
  return [
    short === 0 ? 'all bookings met' : `${short} ${short === 1 ? 'saw' : 'saws'} short`,
    `bench ${minutes(page.minutes)}`,
    page.left.length === 1 ? '1 saw left' : `${page.left.length} saws left`,
  ];
}
