import { describe, expect, it } from 'vitest';
import { barLength, dayOf, daysBetween, figure, tanks, turn, turnsInLog } from './format';

const now = new Date(2026, 5, 18, 7, 0);
const at = (y: number, m: number, d: number) => new Date(y, m - 1, d, 12).toISOString();

describe('dates as people say them', () => {
  it.each([
    [at(2026, 6, 18), 'today'],
    [at(2026, 6, 17), 'yesterday'],
    [at(2026, 6, 19), 'tomorrow'],
    [at(2026, 6, 14), 'Sun'],
    [at(2026, 6, 1), '1 Jun'],
    [at(2024, 12, 14), '14 Dec 2024'],
  ])('%s is %s', (instant, said) => {
    expect(dayOf(instant, now)).toBe(said);
  });
});

describe('days of an outing', () => {
  it.each([
    ['2026-11-26T07:20:00', '2026-11-26T15:40:00', 1],
    ['2026-11-26T23:50:00', '2026-11-27T00:10:00', 2],
    ['2026-11-23T07:20:00', undefined, 6],
    ['2026-11-29T07:20:00', undefined, 1],
  ])('counts the days from %s to %s', (from, to, days) => {
    expect(daysBetween(from, to, new Date('2026-11-28T08:00:00'))).toBe(days);
  });
});

describe('lengths', () => {
  it('of bars are in inches everywhere', () => {
    expect(barLength(457.2)).toBe('18 in');
    expect(figure(30, 'TWELFTH_PAST_TOUCH')).toBe('30°');
  });
});

describe('turns', () => {
  it.each([
    [{ wholes: 0, parts: 1, of: 4 }, 'a quarter of a turn'],
    [{ wholes: 0, parts: 1, of: 12 }, 'a twelfth of a turn'],
    [{ wholes: 1, parts: 0, of: 1 }, 'one turn'],
    [{ wholes: 1, parts: 1, of: 2 }, '1 and a half turns'],
    [{ wholes: 3, parts: 0, of: 1 }, '3 turns'],
  ])('%o is said %s', (hand, said) => {
    expect(turn(hand)).toBe(said);
  });
  it.each([
    [0.25, '1/4 turn in'],
    [-1 / 12, '1/12 turn out'],
    [1.5, '1 1/2 turns in'],
    [1, '1 turn in'],
    [0.4, '0.4 turn in'],
  ])('%d is logged %s', (turns, said) => {
    expect(turnsInLog(turns)).toBe(said);
  });
});

it('counts one tank as one tank', () => {
  expect(tanks(1, 'PETROL')).toBe('1 tank');
  expect(tanks(2.5, 'PETROL')).toBe('2.5 tanks');
});
