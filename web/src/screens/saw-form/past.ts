import type { Schemas } from '../../api/client';

/** One line of a notebook while it is typed. */
export interface LineForm {
  day: string;
  since: string;
  figures: Partial<Record<Schemas['Measure'], string>>;
}

/** What is told of a saw's past while it is typed. */
export interface PastForm {
  lines: Partial<Record<Schemas['Step'], LineForm>>;
  held: string;
  heldUntil: Schemas['Step'] | '';
}

export const BLANK_LINE: LineForm = { day: '', since: '', figures: {} };

export const emptyPast = (): PastForm => ({ lines: {}, held: '', heldUntil: '' });

const blank = (line: LineForm) =>
  [line.day, line.since, ...Object.values(line.figures)].every((text) => text.trim() === '');

/** The lines that say something. */
export function linesInput(past: PastForm): Schemas['PastLineInput'][] {
  return (Object.entries(past.lines) as [Schemas['Step'], LineForm][])
    .filter(([, line]) => !blank(line))
    .map(([step, line]) => ({ step, day: line.day, since: line.since, figures: line.figures }));
}

/** What is sent. */
export function pastInput(past: PastForm): Schemas['PastInput'] {
  const held = past.held.trim();
  return {
    lines: linesInput(past),
    ...(held === '' ? {} : { held }),
    ...(held === '' || past.heldUntil === '' ? {} : { heldUntil: past.heldUntil }),
  };
}

/** Whether anything at all is told. */
export const tells = (past: PastForm) => linesInput(past).length > 0 || past.held.trim() !== '';
