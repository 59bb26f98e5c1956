import { describe, expect, it } from 'vitest';
import { tagsIn } from './tags';

describe('tags typed in a row', () => {
  it('takes spaces, commas and both', () => {
    expect(tagsIn(' 04 05,06;  07 ')).toEqual(['04', '05', '06', '07']);
  });
  it('names each saw once', () => {
    expect(tagsIn('04 04')).toEqual(['04']);
  });
  it('finds the saw that was meant', () => {
    expect(tagsIn('7 06 v6 99', ['06', '07', 'V6'])).toEqual(['07', '06', 'V6', '99']);
    expect(tagsIn('7 07', ['07'])).toEqual(['07']);
  });
  it('finds none in an empty line', () => {
    expect(tagsIn('  ')).toEqual([]);
  });
});
