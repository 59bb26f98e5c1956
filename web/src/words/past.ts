import type { Schemas } from '../api/client';
import { figureWords, measureWords } from './bench';
import { fleetDay } from './days';
import { dayOf, tanks } from './format';
import { units } from './schedule';

/** What is counted since, as the head of a field: Tanks since. */
export function sinceWords(unit: Schemas['UseUnit'], power: Schemas['Power']): string {
  const many = units(2, unit, power).replace(/^2 /, '');
  return `${many.charAt(0).toUpperCase()}${many.slice(1)} since`;
}

/** A day that was told, as it was read. */
export const pastDay = (date: string) => dayOf(fleetDay(date).toISOString());

/** How a line of a notebook was understood: the day, what it has seen since, what was read. */
export function readWords(
  read: Schemas['PastRead'],
  since: Schemas['UseUnit'] | undefined,
  power: Schemas['Power'],
): string {
  const day = read.roughly ? `${pastDay(read.day)} at the earliest` : pastDay(read.day);
  const seen = since === undefined ? '' : seenWords(read, since, power);
  return [day, seen, ...figuresRead(read.figures)].filter(Boolean).join(', ');
}

function seenWords(
  { since: count, atMost }: Schemas['PastRead'],
  unit: Schemas['UseUnit'],
  power: Schemas['Power'],
): string {
  if (count === undefined) return 'nobody knows what it has seen since: looked at first';
  const used = units(count, unit, power);
  return atMost ? `at most ${used} since (est.)` : `${used} since`;
}

/** Figures of a notebook, each with its unit. */
export const figuresRead = (figures: { [measure: string]: number }): string[] =>
  (Object.entries(figures) as [Schemas['Measure'], number][]).map(
    ([measure, mm]) => `${measureWords[measure].toLowerCase()} ${figureWords(mm, 'LENGTH')}`,
  );

/** Days of use that were told. */
export function usedWords(use: Schemas['PastUseView'], power: Schemas['Power']): string {
  const days =
    use.days === 1 ? pastDay(use.from) : `${use.days} days from ${pastDay(use.from)} to ${pastDay(use.to)}`;
  return `${days}, ${tanks(use.tanks, power)}. A service whose use nobody told counts it from its own day on (est.).`;
}

/** What a line that was told had seen by then; nothing where nobody knows. */
export function toldWords(
  line: Pick<Schemas['ToldLine'], 'since' | 'unit'>,
  power: Schemas['Power'],
): string[] {
  return line.since === undefined || line.unit === undefined
    ? []
    : [`${units(line.since, line.unit, power)} since`];
}
