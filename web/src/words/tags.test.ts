import { describe, expect, it } from 'vitest';
import { manySaws, tagsTyped } from './tags';

describe('tags in a line', () => {
  it.each([
    ['YC-40, YC-41', ['YC-40', 'YC-41']],
    [' YC-40 YC-41;YC-42 ', ['YC-40', 'YC-41', 'YC-42']],
    ['YC-40,,', ['YC-40']],
    ['  ', []],
  ])('are read off %j', (typed, tags) => expect(tagsTyped(typed)).toEqual(tags));

  it('of many saws only how many they are', () => {
    expect(manySaws(['01', '02', '03', '04', '05', '06'])).toBeUndefined();
    expect(manySaws(['01', '02', '03', '04', '05', '06', '07'])).toBe('7 saws');
  });
});
