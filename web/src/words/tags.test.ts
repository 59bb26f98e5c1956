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
    const tags = Array.from({ length: 13 }, (_, i) => `V${i}`);
    expect(manySaws(tags.slice(1))).toBeUndefined();
    expect(manySaws(tags)).toBe('13 saws');
  });
});
