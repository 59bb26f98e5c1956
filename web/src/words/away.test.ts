import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { awayLine, billWords, lookWords, saidWords, together, weighedWords } from './away';

const said = (more: Partial<Schemas['SaidView']>): Schemas['SaidView'] => ({
  at: '2026-11-20T10:00:00Z',
  by: 'Ida Marsh',
  counted: false,
  ...more,
});

const view = (words: Schemas['SaidView'][], overdue = false): Schemas['AwayView'] => ({
  id: '1',
  who: 'Hob Lane',
  why: 'Dies when hot',
  since: '2020-01-05',
  by: 'Ida Marsh',
  said: words,
  overdue,
});

const RANGES = {
  tanksLeft: { likely: 1200, low: 600, high: 1800 },
  repaired: { likely: 10, low: 6.7, high: 20 },
};

describe('a saw that is away, in words', () => {
  it.each([
    [view([said({})]), 'With Hob Lane since 5 Jan 2020, nobody said until when'],
    [
      view([said({}), said({ expectedOn: '2020-01-09', counted: true })], true),
      'With Hob Lane since 5 Jan 2020, expected 9 Jan 2020: overdue, ask',
    ],
  ])('says where it is and until when', (one, words) => {
    expect(awayLine(one)).toBe(words);
  });

  it('says what was said', () => {
    expect(saidWords(said({ expectedOn: '2020-01-09', quoteCents: 14500, note: 'Coil is on order' }))).toBe(
      'back 9 Jan 2020, not counted on; about 145.00; Coil is on order',
    );
  });

  it('says what it has cost and how old it is', () => {
    const page = {
      billCents: 8400,
      tanks: { recorded: 311.6, before: 0 },
      days: 2300,
    } as Schemas['AwayPage'];
    expect(billWords(page, 'PETROL')).toBe(
      'Bills so far 84.00. 312 tanks on record; in service for 6 years.',
    );
    expect(
      billWords({ ...page, billCents: 0, days: 61, tanks: { recorded: 40, before: 25.3 } }, 'BATTERY'),
    ).toBe(
      'No bill so far. 40 charges on record, about 25 more before the records begin (est.); in service for 2 months.',
    );
  });

  it.each([
    ['REPAIR' as const, 1, 'repairing pays, in nearly every case.'],
    ['REPLACE' as const, 0.12, 'a new one pays, in about 9 of 10 cases.'],
    ['EITHER' as const, 0.44, 'money does not tell, repairing is cheaper in 4 of 10 cases.'],
  ])('says whether repairing pays', (verdict, share, ends) => {
    const fresh = { likely: 40, low: 28.6, high: 66.7 };
    expect(weighedWords({ verdict, share, ...RANGES, fresh }, 'PETROL')).toBe(
      `Repaired, a tank costs about 0.10 (0.07 to 0.20) over the 1200 tanks it may still do (est., 600 to 1800), with a new saw about 0.40 (0.29 to 0.67): ${ends}`,
    );
  });

  it('asks for the price of a new one where there is none', () => {
    expect(weighedWords({ verdict: 'NO_PRICE', ...RANGES }, 'PETROL')).toMatch(/Say what a new one costs/u);
  });
});

describe('parts that are away', () => {
  const part = (tag: string, more: Partial<Schemas['PartAwayView']> = {}): Schemas['PartAwayView'] => ({
    ...view([said({ expectedOn: '2020-01-09' })]),
    part: tag,
    kind: 'CHAIN',
    sort: '.325 in, 68 drive links',
    asked: ['CHAIN_LOOK', 'DEPTH_GAUGES'],
    unseen: false,
    looks: [],
    ...more,
  });

  it('go together while the same is said of them', () => {
    const groups = together([
      part('YC-1'),
      part('YC-2', { why: 'Bent link' }),
      part('YC-3'),
      part('YC-4', { said: [said({ expectedOn: '2020-01-12' })] }),
      part('YB-5', { kind: 'BAR', asked: ['GROOVE', 'RAILS', 'NOSE'] }),
    ]);
    expect(groups.map((group) => group.map((one) => one.part).join(' '))).toEqual([
      'YC-1 YC-3',
      'YC-2',
      'YC-4',
      'YB-5',
    ]);
  });

  it('were looked at, or not after all', () => {
    const look = { id: '1', at: '2020-01-09T10:00:00Z', by: 'Ida Marsh' };
    expect(lookWords(look)).toBe('Looked at on the shelf 9 Jan 2020, Ida Marsh.');
    expect(
      lookWords({ ...look, struckAt: '2020-01-10T10:00:00Z', struckBy: 'Tom Reed', reason: 'Other loop' }),
    ).toBe('Looked at on the shelf 9 Jan 2020, Ida Marsh; struck out 10 Jan 2020, Tom Reed: Other loop');
  });
});
