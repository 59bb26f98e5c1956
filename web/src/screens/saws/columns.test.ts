import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { COLUMNS, inOrder, lineText, setOf, whereIs } from './columns';

const saw = (tag: string, more: Partial<Schemas['ListedSaw']> = {}): Schemas['ListedSaw'] => ({
  tag,
  make: 'Kestrup',
  model: 'K50',
  power: 'PETROL',
  handle: 'REAR',
  state: 'FIT',
  onBench: false,
  ...more,
});

describe('the list of saws', () => {
  const fleet = [
    saw('10', { state: 'HELD', cutterLeftPercent: 5, model: 'K50', barLengthMm: 508 }),
    saw('2', { state: 'FIT', crew: 'Tunnel gang', model: 'K9', barLengthMm: 330.2 }),
    saw('07', { state: 'DUE', cutterLeftPercent: 60, make: 'Arbenholt', loop: 'YC-9', bar: 'YB-1' }),
  ];

  it.each([
    ['tag', ['2', '07', '10']],
    ['model', ['07', '2', '10']],
    ['bar', ['07', '2', '10']],
    ['set', ['2', '10', '07']],
    ['where', ['10', '07', '2']],
    ['state', ['10', '07', '2']],
    ['left', ['10', '07', '2']],
  ] as const)('is sorted by %s', (column, tags) => {
    expect(inOrder(fleet, column, false).map((s) => s.tag)).toEqual(tags);
  });

  it('is the same saws whatever it is sorted by, and those alike stay in the order of their tags', () => {
    const alike = [saw('3'), saw('1'), saw('2')];
    for (const { column } of COLUMNS) {
      expect(inOrder(fleet, column, true)).toHaveLength(fleet.length);
      if (column !== 'tag') expect(inOrder(alike, column, true).map((s) => s.tag)).toEqual(['1', '2', '3']);
    }
  });

  it('says where a saw is and what hangs on it', () => {
    expect(fleet.map(whereIs)).toEqual(['Held', 'Out, Tunnel gang', 'On the rack']);
    expect(whereIs(saw('1', { onBench: true, state: 'HELD' }))).toBe('On the bench');
    expect(fleet.map(setOf)).toEqual(['nothing fitted', 'nothing fitted', 'YC-9, YB-1']);
  });

  it.each([
    ['arbenholt', ['07']],
    ['tunnel', ['2']],
    ['13 in', ['2']],
    ['yc-9', ['07']],
    ['held', ['10']],
  ])('is found by %s', (word, tags) => {
    expect(fleet.filter((s) => lineText(s).includes(word)).map((s) => s.tag)).toEqual(tags);
  });
});
