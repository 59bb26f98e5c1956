import { TZDate } from '@date-fns/tz';
import { house } from './house';

/** A moment by the calendar of the fleet, wherever the device lies. */
const here = (instant: string | Date) => new TZDate(new Date(instant), house().zone);

/** The calendar day of a moment, counted on from a day long ago. */
function dayNumber(instant: string | Date): number {
  const at = here(instant);
  return Date.UTC(at.getFullYear(), at.getMonth(), at.getDate()) / 86_400_000;
}

/** Days of the calendar from one moment to another; less than nothing where the other is before. */
export function daysApart(from: string | Date, to: string | Date): number {
  return dayNumber(to) - dayNumber(from);
}

export function sameYear(one: string | Date, other: string | Date): boolean {
  return here(one).getFullYear() === here(other).getFullYear();
}

/** A moment in words, by the clock of the fleet. */
export function said(instant: string | Date, parts: Intl.DateTimeFormatOptions): string {
  return new Intl.DateTimeFormat('en-GB', { ...parts, timeZone: house().zone }).format(new Date(instant));
}

/** Today as a field of a day takes it. */
export function today(now = new Date()): string {
  return local(now).slice(0, 10);
}

/** The beginning of a day of the calendar; so many days later, if asked. */
export function fleetDay(date: string, later = 0): Date {
  const [year = 1970, month = 1, day = 1] = date.split('-').map(Number);
  return new Date(new TZDate(year, month - 1, day + later, house().zone).getTime());
}

const two = (figure: number) => String(figure).padStart(2, '0');

function local(instant: string | Date): string {
  const at = here(instant);
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** A moment as a field of day and time takes it. */
export function typedMoment(instant: string): string {
  return local(instant);
}

/** What was typed as a moment; one that was not changed keeps its seconds. */
export function momentTyped(typed: string, before?: string): string {
  if (before !== undefined && typed === typedMoment(before)) return before;
  const [date = '', time = ''] = typed.split('T');
  const [year, month, day] = date.split('-').map(Number);
  const [hour, minute] = time.split(':').map(Number);
  if (year === undefined || month === undefined || day === undefined) return '';
  return new Date(
    new TZDate(year, month - 1, day, hour ?? 0, minute ?? 0, house().zone).getTime(),
  ).toISOString();
}
