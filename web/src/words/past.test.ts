import { describe, expect, it } from 'vitest';
import { readWords, sinceWords, toldWords, usedWords } from './past';

const read = (more: object) => ({
  step: 'PLUG' as const,
  day: '2024-03-01',
  roughly: false,
  atMost: false,
  figures: {},
  ...more,
});

describe('what a notebook tells', () => {
  it('says what is counted since in the words of the power', () => {
    expect(sinceWords('TANKS', 'PETROL')).toBe('Tanks since');
    expect(sinceWords('TANKS', 'BATTERY')).toBe('Charges since');
    expect(sinceWords('TANKS', 'CORDED')).toBe('Run hours since');
    expect(sinceWords('SHARPENINGS', 'PETROL')).toBe('Sharpenings since');
  });

  it('says how a line was understood, and what nobody knows', () => {
    expect(readWords(read({ since: 21 }), 'TANKS', 'PETROL')).toBe('1 Mar 2024, 21 tanks since');
    expect(readWords(read({ since: 1, atMost: true }), 'TANKS', 'BATTERY')).toBe(
      '1 Mar 2024, at most 1 charge since (est.)',
    );
    expect(readWords(read({}), 'TANKS', 'PETROL')).toBe(
      '1 Mar 2024, nobody knows what it has seen since: looked at first',
    );
    expect(readWords(read({ since: 2, figures: { FILED_SHORTEST: 7.4 } }), 'TANKS', 'PETROL')).toBe(
      '1 Mar 2024, 2 tanks since, shortest after filing 7.4 mm',
    );
    expect(readWords(read({ roughly: true }), undefined, 'PETROL')).toBe('1 Mar 2024 at the earliest');
  });

  it('tells nothing of a count that nobody knows', () => {
    expect(toldWords({ since: 2.5, unit: 'TANKS' }, 'PETROL')).toEqual(['2.5 tanks since']);
    expect(toldWords({ unit: 'TANKS' }, 'PETROL')).toEqual([]);
    expect(toldWords({ since: 2 }, 'PETROL')).toEqual([]);
  });

  it('says how many days of use were told, and what they were', () => {
    const use = { days: 4, tanks: 5, from: '2024-03-01', to: '2024-05-02' };
    expect(usedWords(use, 'BATTERY')).toBe(
      '4 days from 1 Mar 2024 to 2 May 2024, 5 charges. A service whose use nobody told counts it from its own day on (est.).',
    );
    expect(usedWords({ ...use, days: 1, tanks: 1 }, 'PETROL')).toMatch(/^1 Mar 2024, 1 tank\. /);
  });
});
