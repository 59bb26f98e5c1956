import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { BAR, barAndChain } from './barAndChain';
import { barSection, SECTION } from './barSection';
import { GROWTH, growthLayout } from './growth';
import { cutterHeights, LOOP, loopOutline, spotOnLoop } from './loop';
import { OIL, oilLayout } from './oil';
import { grooveDepth, SPROCKET, sprocketStar } from './sprocket';
import { pullAcross, rowsOf, wide } from './tensionScale';
import { WEAR, wearLayout } from './wear';

const day = (n: number) => new Date(Date.UTC(2026, 0, 1 + n)).toISOString();

describe('growth of a loop', () => {
  const growth = (...mm: number[]) => ({
    retireMm: 5,
    points: mm.map((growthMm, i) => ({ at: day(i * 7), growthMm })) as Schemas['Growth']['points'],
  });

  it('goes from the first day at the left to the last at the right, higher when longer', () => {
    const { places } = growthLayout(growth(0, 1, 2), 620);
    expect(places.map((p) => Math.round(p.x))).toEqual([GROWTH.left, 338, 620 - GROWTH.right]);
    expect(places[0]?.y).toBe(GROWTH.height - GROWTH.bottom);
    expect(places[2]?.y).toBeLessThan(places[1]?.y ?? 0);
  });

  it('keeps the line of retiring in sight, and a loop that is past it', () => {
    expect(growthLayout(growth(0, 1), 620).y(5)).toBeGreaterThan(GROWTH.top);
    expect(growthLayout(growth(0, 9), 620).places[1]?.y).toBeGreaterThanOrEqual(GROWTH.top);
  });

  it('of one reading stands at the left', () => {
    expect(growthLayout(growth(1), 620).path).toMatch(/^M72\.0 \d+\.\d$/);
  });
});

describe('wear', () => {
  const wear = (changed: Partial<Schemas['WearView']> = {}) => ({
    points: [
      { use: 0, mm: 6 },
      { use: 20, mm: 5 },
    ] as Schemas['WearView']['points'],
    limitMm: 3,
    usedTanks: 20,
    tanksEarly: 30,
    tanksLikely: 40,
    tanksLate: 60,
    ...changed,
  });

  it('has all readings and the limit within the drawing, whichever way it goes', () => {
    for (const limitMm of [3, 9]) {
      const { places, y } = wearLayout(wear({ limitMm }), 400);
      for (const at of [...places.map((p) => p.y), y(limitMm)]) {
        expect(at).toBeGreaterThanOrEqual(WEAR.top);
        expect(at).toBeLessThanOrEqual(WEAR.height - WEAR.bottom);
      }
    }
  });

  it('points to the limit: early before likely before late', () => {
    const { fan, y } = wearLayout(wear({ tanksLate: 41 }), 400);
    expect(fan?.early.x).toBeLessThan(fan?.likely.x ?? 0);
    expect(fan?.likely.x).toBeLessThanOrEqual(fan?.late.x ?? 0);
    expect(fan?.early.y).toBeCloseTo(y(3));
  });

  it('that is late beyond the drawing goes on below the limit', () => {
    const { fan, y } = wearLayout(wear({ tanksLate: 600 }), 400);
    expect(fan?.late.y).toBeLessThan(y(3));
    expect(fan?.late.x).toBeLessThanOrEqual(400 - WEAR.right);
  });

  it('without a projection points nowhere', () => {
    expect(wearLayout({ ...wear(), tanksLikely: undefined }, 400).fan).toBeUndefined();
  });
});

describe('oil for fuel', () => {
  const limits = { noneUnder: 0.2, lowUnder: 0.4, highOver: 1.2 } as Schemas['RatioLimits'];

  it('stands higher when there is more of it, and never leaves the picture', () => {
    const { y } = oilLayout([{ ratio: 0.5 }, { ratio: 3 }], limits, 400);
    expect(y(0)).toBe(OIL.bottom);
    expect(y(0.5)).toBeGreaterThan(y(1.2));
    expect(y(3)).toBe(OIL.top);
    expect(y(30)).toBe(OIL.top);
  });

  it('keeps few outings apart and many within the drawing', () => {
    const few = oilLayout([{ ratio: 1 }, { ratio: 1 }], limits, 400);
    expect(few.x(1) - few.x(0)).toBeLessThan(80);
    const many = oilLayout(
      Array.from({ length: 24 }, () => ({ ratio: 1 })),
      limits,
      400,
    );
    expect(many.x(23)).toBeLessThan(400);
  });
});

describe('labels of the tension scale', () => {
  const at = (text: string, x: number) => ({ text, x, strong: false });

  it('never overlap in a row', () => {
    for (const width of [380, 760]) {
      const placed = rowsOf(
        [
          at('Tang line, lift and snap', 90),
          at('Rail touch (est.)', 100),
          at('Coin gap (est.)', 120),
          at('Past touch', 700),
        ],
        width,
      );
      for (const a of placed) {
        for (const b of placed) {
          if (a === b || a.row !== b.row) continue;
          const [left, right] = a.x < b.x ? [a, b] : [b, a];
          expect(
            (left.ends ? left.x : left.x + wide(left.text)) <=
              (right.ends ? right.x - wide(right.text) : right.x),
          ).toBe(true);
        }
      }
    }
  });

  it('are crossed by no line to a lower one', () => {
    // A phone: the first fits beside the last, were it not for the line to the second.
    const placed = rowsOf([at('Coin gap', 69), at('Rail touch (est.)', 80), at('Tang line, lift', 164)], 380);
    for (const above of placed) {
      for (const below of placed.filter((p) => p.row > above.row)) {
        expect(below.x < above.x || below.x > above.x + wide(above.text)).toBe(true);
      }
    }
    expect(placed.map((p) => p.row)).toEqual([0, 1, 2]);
  });

  it('that would leave the drawing stand left of their mark', () => {
    expect(rowsOf([at('Past touch, house method', 740)], 760)[0]?.ends).toBe(true);
    expect(rowsOf([at('Past touch', 40)], 760)[0]?.ends).toBe(false);
  });

  it('a looser chain never lies further left, and all lie in the drawing', () => {
    const x = pullAcross(20, 760);
    const places = [0, 1, 5, 19, 20, 60].map((mm) => x(mm));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(Math.max(...places)).toBeLessThan(760);
  });
});

describe('the bar cut across', () => {
  const none = {
    depthMm: undefined,
    tangMm: undefined,
    widthMm: undefined,
    gaugeMm: undefined,
    differenceMm: undefined,
  };

  it('is deeper by as much as the groove', () => {
    const depth = (depthMm: number) => barSection({ ...none, depthMm }).bottom - SECTION.top;
    expect(depth(8)).toBeCloseTo(2 * depth(4));
  });

  it('shows the room below the tang as wide as it is', () => {
    const drawn = barSection({ ...none, depthMm: 7.5, tangMm: 6 });
    expect((drawn.bottom - drawn.tangEnd) / (drawn.bottom - SECTION.top)).toBeCloseTo(1.5 / 7.5);
  });

  it('is never narrower than the drive link in it', () => {
    expect(barSection({ ...none, widthMm: 0.8, gaugeMm: 1.3 }).half).toBe(
      barSection({ ...none, widthMm: 1.3, gaugeMm: 1.3 }).half,
    );
  });

  it('lowers one rail by its difference', () => {
    expect(barSection({ ...none, depthMm: 7, differenceMm: 0.5 }).rails).toContain(`V${SECTION.top + 8}H`);
  });
});

describe('bar and chain', () => {
  it('hangs lower the further it is pulled, and stays in the picture', () => {
    const drops = [0, 1, 6, 18, 90].map((mm) => barAndChain('TANG_LINE', mm, undefined).drop);
    expect(drops).toEqual([0, 4, 24, 72, 72]);
  });

  it('is lifted at the upper edge, pulled at the lower', () => {
    const up = barAndChain('LIFT_AND_SNAP', 6, undefined);
    const down = barAndChain('TANG_LINE', 6, undefined);
    expect(up.y(up.mid)).toBeLessThan(BAR.top);
    expect(down.y(down.mid)).toBeGreaterThan(BAR.bottom);
  });

  it('by eye lies as its tips do; a figure says it better', () => {
    const inside = barAndChain('TANG_LINE', undefined, 'INSIDE').drop;
    const clear = barAndChain('TANG_LINE', undefined, 'CLEAR').drop;
    expect(inside).toBeLessThan(clear);
    expect(barAndChain('TANG_LINE', 2, 'CLEAR').drop).toBe(8);
  });

  it('read in degrees does not move', () => {
    expect(barAndChain('TWELFTH_PAST_TOUCH', 30, undefined).drop).toBe(0);
  });
});

describe('the loop around its bar', () => {
  const width = 600;
  const places = Array.from({ length: 36 }, (_, i) => spotOnLoop((i + 0.5) / 36, width));

  it('runs from the tail along the top, round the nose and back below', () => {
    const first = spotOnLoop(0, width);
    expect(first).toEqual({ x: LOOP.ends, y: LOOP.middle - LOOP.radius, nx: 0, ny: -1 });
    const nose = places.reduce((a, b) => (b.x > a.x ? b : a));
    expect(nose.x).toBeLessThanOrEqual(width - LOOP.ends + LOOP.radius);
    expect(places.indexOf(nose)).toBeLessThan(18);
    expect(spotOnLoop(0.75, width).y).toBeCloseTo(LOOP.middle + LOOP.radius);
  });

  it('keeps its cutters equally far apart', () => {
    const steps = places
      .slice(1)
      .map((p, i) => Math.hypot(p.x - (places[i]?.x ?? 0), p.y - (places[i]?.y ?? 0)));
    expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(2);
  });

  it('has every cutter point away from the bar, and its mark stay in the picture', () => {
    const out = LOOP.mark + LOOP.markRadius + 1;
    expect(cutterHeights([7.2, 9.8])(9.8)).toBeLessThan(LOOP.touch);
    for (const { x, y, nx, ny } of places) {
      expect(Math.hypot(nx, ny)).toBeCloseTo(1);
      expect(Math.abs(y + ny - LOOP.middle)).toBeGreaterThanOrEqual(Math.abs(y - LOOP.middle));
      expect(x + nx * out).toBeGreaterThan(0);
      expect(x + nx * out).toBeLessThan(width);
      expect(y + ny * out).toBeGreaterThan(0);
      expect(y + ny * out).toBeLessThan(LOOP.height);
    }
  });

  it('draws the longer cutter taller, and nearly equal ones nearly equal', () => {
    const tall = cutterHeights([7.2, 8, 9.8]);
    expect(tall(7.2)).toBeLessThan(tall(8));
    expect(tall(8)).toBeLessThan(tall(9.8));
    const even = cutterHeights([8, 8.05]);
    expect(even(8.05) - even(8)).toBeLessThan(4);
    expect(cutterHeights([])(undefined)).toBeLessThan(tall(7.2));
  });

  it('closes its outline', () => {
    expect(loopOutline(width)).toMatch(/^M108 76H492A36 36 0 0 1 492 148H108A36 36 0 0 1 108 76Z$/);
  });
});

describe('the sprocket', () => {
  it('has its tips on one circle, its roots on another, a tip on top', () => {
    const radii = sprocketStar().map(([x, y]) => Math.hypot(x - SPROCKET.x, y - SPROCKET.y));
    expect(radii).toHaveLength(14);
    radii.forEach((r, i) => {
      expect(r).toBeCloseTo(i % 2 === 0 ? SPROCKET.tip : SPROCKET.root);
    });
    expect(sprocketStar()[0]).toEqual([SPROCKET.x, SPROCKET.y - SPROCKET.tip]);
  });

  it('shows a deeper groove deeper, down to the foot of the tooth', () => {
    expect([0, 0.25, 0.5, 1, 3].map((mm) => grooveDepth(mm))).toEqual([0, 15, 30, 60, 60]);
  });
});
