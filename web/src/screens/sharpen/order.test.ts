import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { nextToFile, nextToMeasure, plannedStrokes } from './order';

type Place = Schemas['OpenSharpening']['places'][number];

const place = (at: number, more: Partial<Place> = {}): Place => ({
  place: at,
  side: at % 2 === 0 ? 'LEFT' : 'RIGHT',
  leftOut: false,
  ...more,
});

const plan = (strokes: number[]): NonNullable<Schemas['OpenSharpening']['plan']> => ({
  advice: 'EQUALISE',
  reasons: [],
  way: 'TO_ONE_LENGTH',
  targetMm: 7,
  cutters: strokes.map((count, i) => ({
    place: i,
    side: i % 2 === 0 ? 'LEFT' : 'RIGHT',
    mm: 7.2,
    strokes: count,
    leftOut: false,
  })),
  outliers: [],
  balance: { leftMm: 7.2, rightMm: 7.2, differenceMm: 0, verdict: 'EVEN' },
  spreadLeftMm: 0,
  spreadRightMm: 0,
  endsAtMm: 6.9,
  saved: 0,
  totalStrokes: 0,
});

describe('the order of cutters at the vice', () => {
  it('measures from the start cutter on and leaves damaged ones out', () => {
    const places = [place(0, { beforeMm: 7.1 }), place(1, { damage: 'BROKEN' }), place(2)];
    expect(nextToMeasure({ places }, false)).toBe(2);
    expect(nextToMeasure({ places: [place(0, { beforeMm: 7.1 })] }, false)).toBeUndefined();
  });
  it('measures again only what was measured before', () => {
    const places = [
      place(0, { beforeMm: 7.1, afterMm: 7 }),
      place(1),
      place(2, { beforeMm: 7.2 }),
      place(3, { beforeMm: 7.2, damage: 'CHIPPED' }),
    ];
    expect(nextToMeasure({ places }, true)).toBe(2);
  });
  it('files one side first, since each is filed from its opposite side', () => {
    const places = [place(0), place(1), place(2), place(3)];
    expect(nextToFile({ places, plan: plan([3, 2, 3, 2]) })).toBe(0);
    const leftDone = [place(0, { strokes: 3 }), place(1), place(2, { strokes: 3 }), place(3)];
    expect(nextToFile({ places: leftDone, plan: plan([3, 2, 3, 2]) })).toBe(1);
  });
  it('passes over cutters without strokes, and ends', () => {
    const places = [place(0), place(1), place(2)];
    expect(nextToFile({ places, plan: plan([0, 0, 4]) })).toBe(2);
    expect(nextToFile({ places, plan: plan([0, 0, 0]) })).toBeUndefined();
    expect(nextToFile({ places })).toBeUndefined();
  });
  it('knows the strokes of a cutter', () => {
    expect(plannedStrokes({ places: [], plan: plan([3, 5]) }, 1)).toBe(5);
    expect(plannedStrokes({ places: [] }, 1)).toBeUndefined();
  });
});
