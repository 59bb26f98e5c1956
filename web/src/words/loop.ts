import type { Schemas } from '../api/client';
import { list } from './format';

type Figures = Schemas['OfItsMaker'];

/** A length as it is typed; empty for what nobody knows. */
export function typedMm(mm: number | undefined): string {
  return mm === undefined ? '' : `${mm} mm`;
}

const TOLD: [keyof Figures, string, string][] = [
  ['wearMarkMm', 'mark', 'none'],
  ['fileMm', 'file', 'by pitch'],
  ['newCutterMm', 'new cutter', 'by pitch'],
  ['tangDepthMm', 'tang', 'by pitch'],
];

/** What is known of a loop by its make, and where only its pitch tells. */
export function saidOfLoop(loop: Figures): string {
  return [
    loop.wearMarkMm === undefined ? 'No mark.' : `Mark at ${typedMm(loop.wearMarkMm)}.`,
    `File ${typedMm(loop.fileMm) || 'by pitch'}.`,
    `Cutter when new ${typedMm(loop.newCutterMm) || 'by pitch (est.)'}.`,
    `Tang ${typedMm(loop.tangDepthMm) || 'by pitch (est.)'}.`,
  ].join(' ');
}

/** Which figures of a loop were changed, and from what to what. */
export function changedFigures(before: Figures, after: Figures): string {
  return list(
    TOLD.filter(([figure]) => before[figure] !== after[figure]).map(
      ([figure, name, unknown]) =>
        `${name} ${typedMm(before[figure]) || unknown} → ${typedMm(after[figure]) || unknown}`,
    ),
    'and',
  );
}
