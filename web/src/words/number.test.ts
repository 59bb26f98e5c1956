import { describe, expect, it } from 'vitest';
import { centsOf, notANumber, numberOf } from './number';

describe('a figure as typed', () => {
  it.each([
    ['7', 7],
    [' 0,4 ', 0.4],
    ['.4', 0.4],
    ['4.', 4],
    ['−3,5', -3.5],
    ['', undefined],
    ['  ', undefined],
    ['four', Number.NaN],
    ['1e5', Number.NaN],
    ['1,2,3', Number.NaN],
    ['Infinity', Number.NaN],
    ['0x10', Number.NaN],
  ])('"%s" is %s', (typed, figure) => {
    expect(numberOf(typed)).toEqual(figure);
    expect(notANumber(typed)).toBe(Number.isNaN(figure) ? 'This is not a number.' : undefined);
  });

  it('of money is in cents', () => {
    expect(centsOf('12,35')).toBe(1235);
    expect(centsOf('0.1')).toBe(10);
    expect(centsOf('')).toBeUndefined();
  });
});
