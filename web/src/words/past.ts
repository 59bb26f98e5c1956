import type { Schemas } from '../api/client';
import { fleetDay } from './days';
import { dayOf } from './format';
import { units } from './schedule';
import { rounded } from './units';

/** What is counted since, as the head of a field: Tanks since. */
export function sinceWords(unit: Schemas['UseUnit'], power: Schemas['Power']): string {
  const many = units(2, unit, power).replace(/^2 /, '');
  return `${many.charAt(0).toUpperCase()}${many.slice(1)} since`;
}

/** A day that was told, as it was read. */
export const pastDay = (date: string) => dayOf(fleetDay(date).toISOString());

/** How a line of a notebook was understood. */
export function readWords(
  read: Schemas['PastRead'],
  since: Schemas['UseUnit'] | undefined,
  power: Schemas['Power'],
): string {
  const day = read.roughly ? `${pastDay(read.day)} at the earliest` : pastDay(read.day);
  if (since === undefined) return day;
  if (read.since === undefined) return `${day}; nobody knows what it has seen since: looked at first`;
  const used = units(read.since, since, power);
  return read.atMost ? `${day}, at most ${used} since (est.)` : `${day}, ${used} since`;
}

/** The same of what was told and stands. */
export function toldWords(
  since: number | undefined,
  unit: Schemas['UseUnit'] | undefined,
  power: Schemas['Power'],
): string {
  if (since === undefined) return '';
  return unit === undefined ? rounded(since, 1) : `${units(since, unit, power)} since`;
}
