import type { Schemas } from '../api/client';
import { daysApart, fleetDay, sameYear, said } from './days';
import { byRule, rounded } from './units';

/** A day as people say it: today, yesterday, tomorrow, Thu, 14 Dec, 14 Dec 2024. */
export function dayOf(instant: string, now = new Date()): string {
  return dayAround(instant, now);
}

function dayAround(instant: string | Date, now: Date): string {
  const days = daysApart(instant, now);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days === -1) return 'tomorrow';
  if (Math.abs(days) < 7) return said(instant, { weekday: 'short' });
  return dated(instant, now);
}

function dated(instant: string | Date, now: Date): string {
  return said(instant, {
    day: 'numeric',
    month: 'short',
    ...(sameYear(instant, now) ? {} : { year: 'numeric' }),
  });
}

/** Days of the calendar from a moment to another, both counted; to now where none is given. */
export function daysBetween(from: string, to?: string, now = new Date()): number {
  return Math.max(0, daysApart(from, to ?? now)) + 1;
}

/** A day still to come: today, tomorrow, Thu, 14 Dec. */
export function dayAhead(date: string, now = new Date()): string {
  const day = fleetDay(date);
  const days = daysApart(now, day);
  if (days <= 0) return 'today';
  if (days === 1) return 'tomorrow';
  return days < 7 ? said(day, { weekday: 'short' }) : dated(day, now);
}

export function timeOf(instant: string): string {
  return said(instant, { hour: '2-digit', minute: '2-digit' });
}

export function momentOf(instant: string): string {
  return `${dayOf(instant)} ${timeOf(instant)}`;
}

/** Parts of a sentence in a row: a, b and c. */
export function list(parts: readonly string[], last: 'and' | 'or'): string {
  return parts.length < 2
    ? parts.join('')
    : `${parts.slice(0, -1).join(', ')} ${last} ${parts[parts.length - 1] ?? ''}`;
}

/** Bars are spoken of in inches everywhere. */
export function barLength(mm: number): string {
  return `${rounded(mm / 25.4, 1)} in`;
}

/** A reading of a method: with a rule, or the angle of a turn. */
export function figure(value: number, method: Schemas['TensionMethod']): string {
  return method === 'TWELFTH_PAST_TOUCH' ? `${rounded(value, 0)}°` : byRule(value);
}

const FRACTIONS: Record<string, string> = {
  '1/12': 'a twelfth of a turn',
  '1/8': 'an eighth of a turn',
  '1/6': 'a sixth of a turn',
  '1/4': 'a quarter of a turn',
  '1/3': 'a third of a turn',
  '1/2': 'half a turn',
  '2/3': 'two thirds of a turn',
  '3/4': 'three quarters of a turn',
};

const WITH_WHOLE: Record<string, string> = {
  '1/4': 'and a quarter',
  '1/2': 'and a half',
  '3/4': 'and three quarters',
};

/** A turn as a hand is told it. */
export function turn(hand: Schemas['HandTurn']): string {
  const part = `${hand.parts}/${hand.of}`;
  if (hand.wholes === 0) {
    return FRACTIONS[part] ?? 'no turn';
  }
  const rest = hand.parts === 0 ? '' : ` ${WITH_WHOLE[part] ?? part}`;
  return hand.wholes === 1 && rest === '' ? 'one turn' : `${hand.wholes}${rest} turns`;
}

const HAND_PARTS: [number, string][] = [
  [1 / 12, '1/12'],
  [1 / 8, '1/8'],
  [1 / 6, '1/6'],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [1 / 2, '1/2'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
];

/** Turns in a log: 1/4 turn in, 1 1/2 turns out. */
export function turnsInLog(turns: number): string {
  const size = Math.abs(turns);
  const wholes = Math.floor(size + 0.001);
  const part = HAND_PARTS.find(([value]) => Math.abs(size - wholes - value) < 0.004)?.[1];
  const exact = size - wholes < 0.004 ? String(wholes) : part && (wholes === 0 ? part : `${wholes} ${part}`);
  return `${exact ?? rounded(size, 2)} ${size > 1.001 ? 'turns' : 'turn'} ${turns > 0 ? 'in' : 'out'}`;
}

/** What a saw burns, one of it: its use is counted in these. */
export const BURNED: Record<Schemas['Power'], string> = {
  PETROL: 'tank',
  BATTERY: 'charge',
  CORDED: 'run hour',
};

/** So much burned: 1 tank, 4 charges, 2 run hours. */
export function tanks(count: number, power: Schemas['Power']): string {
  return `${rounded(count, 1)} ${BURNED[power]}${count === 1 ? '' : 's'}`;
}

/** A count as it is read: 12,400. */
export function counted(count: number): string {
  return count.toLocaleString('en-GB');
}

export function minutes(count: number): string {
  return `${rounded(count, 0)} min`;
}

export function percent(value: number): string {
  return `${rounded(value, 1)} %`;
}

/** A share of one as a whole percentage. */
export function shareOf(share: number): string {
  return `${rounded(share * 100, 0)} %`;
}

export { rounded };

/** A phrase at the beginning of a line. */
export const capital = (phrase: string): string => phrase.replace(/^./u, (first) => first.toUpperCase());
