import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { runWords } from './bringIn';

type Run = Schemas['SheetRunView'];

const run = (over: Partial<Run>): Run => ({
  runId: 'r',
  state: 'TRIED',
  sheet: 0,
  forReal: false,
  lines: 12,
  done: 12,
  good: 12,
  wrong: 0,
  leftOut: 0,
  ...over,
});

describe('how far it is with a sheet', () => {
  it.each<[Partial<Run>, string]>([
    [{}, '12 lines can come in. Nothing is stored yet.'],
    [{ good: 1, lines: 1, done: 1 }, '1 line can come in. Nothing is stored yet.'],
    [
      { good: 10, leftOut: 2 },
      '10 lines can come in. 2 lines are left out: they are here already. Nothing is stored yet.',
    ],
    [
      { good: 11, leftOut: 1 },
      '11 lines can come in. One line is left out: it is here already. Nothing is stored yet.',
    ],
    [{ good: 0, leftOut: 12 }, 'Nothing new stands in it. 12 lines are left out: they are here already.'],
    [
      { state: 'WRONG', good: 11, wrong: 1 },
      '1 line is wrong, 11 are right. Nothing is stored: put it right in the sheet or here, and try again.',
    ],
    [
      { state: 'WRONG', good: 1, wrong: 11 },
      '11 lines are wrong, 1 is right. Nothing is stored: put them right in the sheet or here, and try again.',
    ],
    [{ state: 'BROUGHT_IN', forReal: true }, '12 lines came in.'],
    [{ state: 'UNDER_WAY', done: 3 }, '3 of 12 lines are tried.'],
    [{ state: 'UNDER_WAY', done: 3, forReal: true }, '3 of 12 lines are in.'],
    [{ state: 'UNDER_WAY' }, 'All lines are tried.'],
    [
      { state: 'UNDER_WAY', forReal: true },
      'All lines are right and are being stored; what others save waits for that.',
    ],
    [{ state: 'STOPPED', done: 3 }, 'Stopped. Nothing is stored.'],
    [{ state: 'FAILED', sentence: 'The disk is full.' }, 'The disk is full.'],
  ])('%o', (over, sentence) => {
    expect(runWords(run(over))).toBe(sentence);
  });
});
