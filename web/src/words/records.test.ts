import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { checkWords, paperWords, sizeWords, whyWords, wrongWords } from './records';

const AT = '2026-03-03T14:20:00Z';

const check = (found: number): Schemas['SealCheckView'] => ({
  at: AT,
  code: '13506-6a0f8be58bfd02f5',
  lines: 13_506,
  records: 13_505,
  found,
  wrong: [],
  remarks: [],
});

describe('what is not as it was sealed', () => {
  it.each<[Schemas['WrongView'], RegExp]>([
    [
      { kind: 'ALTERED', n: 10_832, table: 'work_record', tag: '04', sealedAt: AT },
      /^Bench work on saw 04 with seal 10,832, set .+, no longer says what it said when it was sealed\.$/,
    ],
    [
      { kind: 'MISSING', n: 7, table: 'saw_hold', sealedAt: AT },
      /^A hold with seal 7, set .+, is missing\.$/,
    ],
    [{ kind: 'INSERTED', table: 'crew' }, /^A crew was added from outside: it was never sealed\.$/],
    [{ kind: 'ALTERED', n: 3, table: 'saw', tag: '12' }, /^A saw \(12\) with seal 3 no longer says/],
    [{ kind: 'BROKEN', n: 50, sealedAt: AT }, /^Seal 50, set .+, does not follow the one before/],
    [{ kind: 'INSERTED', table: 'something_new' }, /^Something new was added/],
  ])('is said so that it can be found: %o', (wrong, said) => {
    expect(wrongWords(wrong)).toMatch(said);
  });

  it('is counted', () => {
    expect(checkWords(check(0))).toMatch(/^All 13,505 records are as they were sealed/);
    expect(checkWords(check(3))).toMatch(/^3 of 13,505 records are not/);
  });
});

describe('a seal on a paper', () => {
  it.each<[Schemas['Paper'], RegExp]>([
    [
      { kind: 'STANDS', n: 5, at: AT },
      /^These records include it: it was set .+\. The check tells whether each/,
    ],
    [{ kind: 'ALTERED', n: 5, at: AT }, /do not match it/],
    [{ kind: 'CUT_OFF', n: 5 }, /the newest are missing/],
  ])('is worth what the chain says: %o', (paper, said) => {
    expect(paperWords(paper)).toMatch(said);
  });
});

describe('a backup', () => {
  it.each([
    [900, '1 kB'],
    [3_407_677, '3.4 MB'],
    [34_076_770, '34 MB'],
  ])('of %d bytes has the size %s', (bytes, said) => {
    expect(sizeWords(bytes)).toBe(said);
  });

  it('from before a change of form says so', () => {
    expect(whyWords('before-form-12')).toBe('before the upgrade to form 12');
    expect(whyWords('by-hand')).toBe('by hand');
  });
});
