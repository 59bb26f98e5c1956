import type { Schemas } from '../api/client';
import { minutes } from './format';
import { named } from './planned';
import { rounded } from './units';

type Took = Schemas['VisitTook'];
type Work = Schemas['WorkMinutes'];

/** What a visit took beside what it was estimated to take. */
export function tookWords(took: Took): string {
  const pause = took.breaks > 0 ? `, a break of ${minutes(took.breaks)} left out` : '';
  if (took.told === 0) {
    const why =
      took.breaks > 0
        ? `there was a break of ${minutes(took.breaks)} in it`
        : 'it was written down in one go';
    return `${minutes(took.estimated)} estimated; nothing tells what it took: ${why}.`;
  }
  const told = took.told < took.estimated ? ` of which ${minutes(took.told)} can be told:` : '';
  return `${minutes(took.estimated)} estimated,${told} took ${minutes(took.taken)} (est.)${pause}.`;
}

/** The same where there is little room. */
export const tookShort = (took: Took) =>
  took.told === 0 ? 'nothing tells' : `took ${minutes(took.taken)} (est.)`;

export const estimatedShort = (took: Took) =>
  `${minutes(took.told === 0 ? took.estimated : took.told)} estimated`;

/** Half minutes count. */
const half = (count: number) => `${rounded(count, 1)} min`;

/** What the work is called. */
export const workName = (work: Work) =>
  work.task
    ? named(work.task)
    : work.title.replace(/\.$/, '').replace(/^Minutes to (.)/, (_, first: string) => first.toUpperCase());

/** What it counts, and what people set it to where that is something else. */
export const countsWords = (work: Work) =>
  work.counts === work.set ? half(work.counts) : `${half(work.counts)}, set to ${half(work.set)}`;

/** What it took, in eight of ten cases. */
export const tookRange = (work: { from: number; to: number }) =>
  `${rounded(work.from, 1)} to ${rounded(work.to, 1)} min`;

/** How often it was done; a part of a task counts as a part. */
export function timesWords(times: number, least: number): string {
  const many = times < 1 ? 'less than once' : times < 1.5 ? 'once' : `${rounded(times, 0)} times`;
  return times < least ? `${many}, too few` : many;
}

/** What a setting of minutes counts as, since the work turned out to take so long. */
export const countsAs = (taken: Schemas['CountsAs']) =>
  ` Counts as ${half(taken.counts)}: that is what it took on average, done ${timesWords(taken.times, 0)}; ${tookRange(taken)} in eight of ten cases (est.). Setting it anew ends that.`;
