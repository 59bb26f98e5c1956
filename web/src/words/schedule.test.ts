import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { conditionWords, countWords, units } from './schedule';

const limit = (more: Partial<Schemas['LimitView']>): Schemas['LimitView'] => ({
  unit: 'TANKS',
  raw: 4,
  counted: 4,
  limit: 3,
  heavier: [],
  key: 'schedule.sharpen.tanks',
  ...more,
});

describe('what is used up, in words', () => {
  it.each([
    [limit({}), 'PETROL', '4 of 3 tanks'],
    [limit({ counted: 6, heavier: ['HARD'] }), 'PETROL', '4 tanks count as 6 of 3: hard wood'],
    [
      limit({ counted: 6, heavier: ['HARD', 'DIRTY'] }),
      'PETROL',
      '4 tanks count as 6 of 3: hard, dirty wood',
    ],
    [
      limit({ raw: 1, counted: 1.5, limit: 1, heavier: ['RAIN'] }),
      'PETROL',
      '1 tank counts as 1.5 of 1: rain',
    ],
    [limit({ raw: 2.5, counted: 2.5, limit: 4 }), 'BATTERY', '2.5 of 4 charges'],
    [limit({ raw: 1, counted: 1 }), 'CORDED', '1 of 3 run hours'],
    [limit({ unit: 'DAYS_IN_USE', raw: 1, counted: 1, limit: 7 }), 'PETROL', '1 of 7 days in use'],
    [limit({ unit: 'LOOPS', raw: 0, counted: 0, limit: 1 }), 'PETROL', '0 of 1 loop'],
  ] as const)('%# says it', (given, power, words) => {
    expect(countWords(given, power)).toBe(words);
  });
  it('puts many in the plural', () => {
    expect(units(3, 'DAYS_IN_USE')).toBe('3 days in use');
    expect(units(2, 'FIRE_SEASON_DAYS')).toBe('2 days in fire season');
    expect(units(2, 'SHARPENINGS')).toBe('2 sharpenings');
  });
  it('shares the wood between its conditions', () => {
    expect(conditionWords(['HARD', 'FROZEN', 'RAIN'])).toBe('hard, frozen wood, rain');
    expect(conditionWords(['LIMBING'])).toBe('limbing');
  });
});
