import type { Schemas } from '../api/client';
import { typedLength } from './units';
import { list } from './format';

type Figures = Schemas['OfItsMaker'];

const TOLD: [keyof Figures, string, string][] = [
  ['wearMarkMm', 'mark', 'none'],
  ['fileMm', 'file', 'by pitch'],
  ['newCutterMm', 'new cutter', 'by pitch'],
  ['tangDepthMm', 'tang', 'by pitch'],
];

/** What is known of a loop by its make, and where only its pitch tells. */
export function saidOfLoop(loop: Figures): string {
  return [
    loop.wearMarkMm === undefined ? 'No mark.' : `Mark at ${typedLength(loop.wearMarkMm)}.`,
    `File ${typedLength(loop.fileMm) || 'by pitch'}.`,
    `Cutter when new ${typedLength(loop.newCutterMm) || 'by pitch (est.)'}.`,
    `Tang ${typedLength(loop.tangDepthMm) || 'by pitch (est.)'}.`,
  ].join(' ');
}

/** Which figures of a loop were changed, and from what to what. */
export function changedFigures(before: Figures, after: Figures): string {
  return list(
    TOLD.filter(([figure]) => before[figure] !== after[figure]).map(
      ([figure, name, unknown]) =>
        `${name} ${typedLength(before[figure]) || unknown} → ${typedLength(after[figure]) || unknown}`,
    ),
    'and',
  );
}
