import type { Schemas } from '../api/client';
import { fleetDay, said } from './days';
import { words } from './en';
import { barLength, list, minutes } from './format';
import { lower, named, planDay } from './planned';
import { rounded } from './units';

type Page = Schemas['PlanPage'];
type Visit = Schemas['PlannedVisit'];

/** No plan looks so far ahead: nobody can say when. */
const NEVER = 2_147_483_647;

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
