import type { Schemas } from '../../api/client';

/** A line of the log: one record, or the plain steps of one visit gathered into one. */
export interface GatheredLine {
  entry: Schemas['LogEntry'];
  /** Further steps of the same visit that were fine and say no more; first done first. */
  with: StepEntry[];
}

export type StepEntry = Extract<Schemas['LogEntry'], { kind: 'STEP' }>;

/** Another part came on: never a plain step. */
const REPLACING: Schemas['Step'][] = ['REPLACE_CHAIN', 'REPLACE_BAR', 'REPLACE_SPROCKET'];

/** A step that says no more than that it was fine, in a visit. */
function plain(entry: Schemas['LogEntry']): { step: StepEntry; visitId: string } | undefined {
  if (entry.kind !== 'STEP' || entry.note !== undefined || entry.struck !== undefined) return undefined;
  const { step, visitId, outcome, tension, findings, figures } = entry.step;
  const said = tension !== undefined || findings.length > 0 || Object.keys(figures).length > 0;
  return visitId === undefined || said || outcome !== 'FINE' || REPLACING.includes(step)
    ? undefined
    : { step: entry, visitId };
}

/** Gathers the plain steps of each visit, so that what was found stands out. Entries come latest first. */
export function gathered(entries: Schemas['LogEntry'][]): GatheredLine[] {
  const lines: GatheredLine[] = [];
  const visits = new Map<string, GatheredLine>();
  for (const entry of entries) {
    const fine = plain(entry);
    const known = fine && visits.get(fine.visitId);
    if (known) {
      known.with.unshift(fine.step);
      continue;
    }
    const line = { entry, with: [] };
    lines.push(line);
    if (fine) visits.set(fine.visitId, line);
  }
  return lines;
}
