import { describe, expect, test } from 'vitest';
import { countsWords, timesWords, tookWords, workName } from './taken';

const work = {
  key: 'schedule.sharpen.minutes',
  title: 'Sharpening: minutes at the bench.',
  task: 'SHARPEN',
  set: 10,
  counts: 12.5,
  times: 30,
  minutes: 12.4,
  from: 11.9,
  to: 12.9,
} as const;

describe('what a visit took', () => {
  test.each([
    [{ estimated: 41, told: 41, taken: 40.4, breaks: 0 }, '41 min estimated, took 40 min (est.).'],
    [
      { estimated: 41, told: 30, taken: 33, breaks: 25 },
      '41 min estimated, of which 30 min can be told: took 33 min (est.), a break of 25 min left out.',
    ],
    [
      { estimated: 20, told: 0, taken: 0, breaks: 0 },
      '20 min estimated; nothing tells what it took: it was written down in one go.',
    ],
    [
      { estimated: 10, told: 0, taken: 0, breaks: 95 },
      '10 min estimated; nothing tells what it took: there was a break of 95 min in it.',
    ],
  ])('%o', (took, words) => expect(tookWords(took)).toBe(words));
});

describe('what work takes', () => {
  test('a task by its name, other work by what its number says', () => {
    expect(workName(work)).toBe('Sharpen');
    expect(workName({ ...work, task: undefined, title: 'Minutes to take the cover off.' })).toBe(
      'Take the cover off',
    );
  });

  test('what people set is said where it counts otherwise', () => {
    expect(countsWords(work)).toBe('12.5 min, set to 10 min');
    expect(countsWords({ ...work, counts: 10 })).toBe('10 min');
  });

  test.each([
    [0.5, 5, 'less than once, too few'],
    [1, 5, 'once, too few'],
    [4.2, 5, '4 times, too few'],
    [30, 5, '30 times'],
  ])('%s times', (times, least, words) => expect(timesWords(times, least)).toBe(words));
});
