import type { Schemas } from '../../api/client';
import { plateSize } from '../../parts/Plate';
import { words } from '../../words/en';
import { byTag } from '../../words/tags';
import { workTitle } from '../../words/work';

type ListedSaw = Schemas['ListedSaw'];

export type Column = 'tag' | 'model' | 'bar' | 'set' | 'where' | 'state' | 'left';

/** The columns of the list; the wide ones stay away on a phone. */
export const COLUMNS: { column: Column; title: string; wide: boolean }[] = [
  { column: 'tag', title: 'Saw', wide: false },
  { column: 'model', title: 'Make and model', wide: false },
  { column: 'bar', title: 'Bar', wide: true },
  { column: 'set', title: 'Set: loop, bar, sprocket', wide: true },
  { column: 'where', title: 'Where', wide: true },
  { column: 'state', title: 'State', wide: false },
  { column: 'left', title: 'Cutters left', wide: true },
];

/** Where a saw is, in words. */
export function whereIs(saw: ListedSaw): string {
  if (saw.crew !== undefined) return `Out, ${saw.crew}`;
  if (saw.onBench) return 'On the bench';
  return saw.state === 'HELD' ? 'Held' : 'On the rack';
}

/** What hangs on it. */
export const tagsOf = (saw: ListedSaw) =>
  [saw.loop, saw.bar, saw.sprocket].filter((tag) => tag !== undefined);

export const setOf = (saw: ListedSaw) => tagsOf(saw).join(', ') || 'nothing fitted';

const SERIOUS: Record<Schemas['FitState'], number> = { HELD: 0, DUE: 1, FIT: 2 };

const ORDER: Record<Column, (a: ListedSaw, b: ListedSaw) => number> = {
  tag: byTag,
  model: (a, b) => `${a.make} ${a.model}`.localeCompare(`${b.make} ${b.model}`, 'en', { numeric: true }),
  bar: (a, b) => (a.barLengthMm ?? 0) - (b.barLengthMm ?? 0),
  set: (a, b) => setOf(a).localeCompare(setOf(b), 'en', { numeric: true }),
  where: (a, b) => whereIs(a).localeCompare(whereIs(b), 'en'),
  state: (a, b) => SERIOUS[a.state] - SERIOUS[b.state],
  // What was never measured comes after all that was.
  left: (a, b) => (a.cutterLeftPercent ?? 1000) - (b.cutterLeftPercent ?? 1000),
};

/** Sorted by a column; what is alike there, by tag. */
export function inOrder(saws: readonly ListedSaw[], by: Column, down: boolean): ListedSaw[] {
  return [...saws].sort((a, b) => (down ? -1 : 1) * ORDER[by](a, b) || byTag(a, b));
}

/** All that a line says, for finding in it. */
export function lineText(saw: ListedSaw): string {
  return [
    saw.tag,
    saw.make,
    saw.model,
    plateSize(saw),
    words.power[saw.power],
    words.handle[saw.handle],
    saw.pitch ? words.pitch[saw.pitch] : '',
    setOf(saw),
    whereIs(saw),
    words.state[saw.state],
    saw.headline ? workTitle(saw.headline, saw.power) : '',
  ]
    .join(' ')
    .toLowerCase();
}
