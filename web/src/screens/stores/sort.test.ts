import { describe, expect, it } from 'vitest';
import { newSort, NO_SORT, sortAt } from './sort';

const typed = { ...NO_SORT, tag: ' YC-90 ', newCutter: '', driveLinks: '72', length: '20' };

describe('a part of a new sort', () => {
  it('is a loop, a bar or a sprocket, each with what tells it from others', () => {
    expect(newSort({ ...typed, kind: 'CHAIN', newCutter: '9.5' })).toEqual({
      chain: { tag: 'YC-90', create: true, pitch: 'P_325', gauge: 'G_050', driveLinks: 72, newCutter: '9.5' },
    });
    expect(newSort({ ...typed, kind: 'BAR' })).toEqual({
      bar: {
        tag: 'YC-90',
        create: true,
        length: '20',
        pitch: 'P_325',
        gauge: 'G_050',
        driveLinks: 72,
        nose: 'SEALED_SPROCKET',
      },
    });
    expect(newSort({ ...typed, kind: 'SPROCKET' })).toEqual({
      sprocket: { tag: 'YC-90', create: true, kind: 'RIM', teeth: 7, pitch: 'P_325' },
    });
  });
  it('has its refusals where the server puts them', () => {
    expect(sortAt('BAR').length).toBe('set.bar.length');
    expect(newSort({ ...typed, kind: 'CHAIN', driveLinks: 'many' }).chain?.driveLinks).toBeNaN();
  });
});
