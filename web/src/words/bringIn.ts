import type { Schemas } from '../api/client';
import { counted } from './format';

type Run = Schemas['SheetRunView'];

/** What comes first where two figures and a stroke leave it open. */
export const ORDERS: Record<Schemas['Order'], string> = {
  UNKNOWN: 'Ask at each line',
  DAY_FIRST: 'Day first: 12 Nov',
  MONTH_FIRST: 'Month first: Dec 11',
};

/** Units that bare figures of a column may have. */
export const UNITS: Record<string, string> = {
  '': 'As written',
  mm: 'mm',
  cm: 'cm',
  in: 'inches',
  mL: 'mL',
  L: 'litres',
  gal: 'US gallons',
};

const lines = (count: number) => `${counted(count)} ${count === 1 ? 'line' : 'lines'}`;

/** How far it is with a sheet, in a sentence. */
export function runWords(run: Run): string {
  const left = leftWords(run.leftOut);
  switch (run.state) {
    case 'UNDER_WAY':
      return run.done < run.lines
        ? `${counted(run.done)} of ${lines(run.lines)} ${run.forReal ? 'are in' : 'are tried'}.`
        : run.forReal
          ? 'All lines are right and are being stored; what others save waits for that.'
          : 'All lines are tried.';
    case 'TRIED':
      return run.good === 0
        ? `Nothing new stands in it.${left}`
        : `${lines(run.good)} can come in.${left} Nothing is stored yet.`;
    case 'WRONG':
      return `${lines(run.wrong)} ${run.wrong === 1 ? 'is' : 'are'} wrong, ${counted(run.good)} ${run.good === 1 ? 'is' : 'are'} right.${left} Nothing is stored: put ${run.wrong === 1 ? 'it' : 'them'} right in the sheet or here, and try again.`;
    case 'BROUGHT_IN':
      return `${lines(run.good)} came in.${left}`;
    case 'STOPPED':
      return 'Stopped. Nothing is stored.';
    case 'FAILED':
      return run.sentence ?? 'Nothing is stored.';
  }
}

function leftWords(count: number): string {
  if (count === 0) return '';
  return count === 1
    ? ' One line is left out: it is here already.'
    : ` ${counted(count)} lines are left out: they are here already.`;
}

/** Where what was brought in is seen. */
export const SEEN_AT: Record<Schemas['SheetKind'], { to: string; label: string }> = {
  PEOPLE: { to: '/people', label: 'See the people' },
  CREWS: { to: '/people', label: 'See the crews' },
  STOCK: { to: '/stores', label: 'See the stores' },
  PARTS: { to: '/stores', label: 'See the stores' },
  SAWS: { to: '/saws', label: 'See the saws' },
  WORK: { to: '/log', label: 'See the log' },
  READINGS: { to: '/log', label: 'See the log' },
  USE: { to: '/saws', label: 'See the saws' },
};
