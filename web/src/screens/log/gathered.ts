import type { Schemas } from '../../api/client';

/** A line of the log: one record, or the plain steps of one visit gathered into one. */
export interface GatheredLine {
  entry: Schemas['LogEntry'];
  /** Further steps of the same visit that were fine and say no more; first done first. */
  with: Schemas['Step'][];
}

/** Another part came on: never a plain step. */
const REPLACING: Schemas['Step'][] = ['REPLACE_CHAIN', 'REPLACE_BAR', 'REPLACE_SPROCKET'];

/** Whether a step says no more than that it was fine. */
function plain(entry: Schemas['LogEntry']): boolean {
  const step = entry.step;
  return (
    step !== undefined &&
    step.visitId !== undefined &&
    !REPLACING.includes(step.step) &&
    step.outcome === 'FINE' &&
    step.tension === undefined &&
    step.findings.length === 0 &&
    Object.keys(step.figures).length === 0 &&
    entry.note === undefined &&
    entry.struck === undefined
  );
}

/** Gathers the plain steps of each visit, so that what was found stands out. Entries come latest first. */
export function gathered(entries: Schemas['LogEntry'][]): GatheredLine[] {
  const lines: GatheredLine[] = [];
  const visits = new Map<string, GatheredLine>();
  for (const entry of entries) {
    const visit = plain(entry) ? entry.step?.visitId : undefined;
    const known = visit === undefined ? undefined : visits.get(visit);
    if (known && entry.step) {
      known.with.unshift(entry.step.step);
      continue;
    }
    const line = { entry, with: [] };
    lines.push(line);
    if (visit !== undefined) visits.set(visit, line);
  }
  return lines;
}
