import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import {
  balanceSentence,
  fileBackSentence,
  flipSentence,
  planSentence,
  rateSentence,
  sampleWords,
} from './edge';

const balance = (differenceMm: number, leadsTo?: Schemas['Side']): Schemas['SideBalance'] => ({
  leftMm: 7.3,
  rightMm: 7.3 - differenceMm,
  differenceMm,
  verdict: leadsTo ? 'CURVES' : 'EVEN',
  ...(leadsTo ? { leadsTo } : {}),
});

const plan = (more: Partial<Schemas['SharpeningPlan']>): Schemas['SharpeningPlan'] => ({
  advice: 'TOUCH_UP',
  reasons: [],
  way: 'SAME_ON_ALL',
  targetMm: 7,
  cutters: [
    { place: 0, side: 'LEFT', mm: 7, strokes: 2, leftOut: false },
    { place: 2, side: 'LEFT', mm: 7.4, strokes: 9, leftOut: false },
    { place: 1, side: 'RIGHT', mm: 7.1, strokes: 4, leftOut: false },
  ],
  outliers: [],
  balance: balance(0.1),
  spreadLeftMm: 0.4,
  spreadRightMm: 0,
  endsAtMm: 6.9,
  saved: 0,
  totalStrokes: 0,
  ...more,
});

describe('the edge in words', () => {
  it('says where the saw leads, and why', () => {
    expect(balanceSentence(balance(0.42, 'LEFT'))).toBe(
      'Sides 0.42 mm apart: leads to the left, where the cutters are longer.',
    );
    expect(balanceSentence(balance(-0.1))).toBe('Sides 0.10 mm apart: cuts straight.');
  });
  it('says verdict, reason and the next hand movement', () => {
    expect(planSentence(plan({}))).toBe('Sides and lengths are even. The same strokes on every cutter.');
    expect(planSentence(plan({ advice: 'EQUALISE', reasons: ['SIDES_FAR_APART'] }))).toBe(
      'The sides are too far apart to be touched up. File each down to 7.00 mm, then the base strokes on all.',
    );
    expect(planSentence(plan({ advice: 'SCRAP', reasons: ['PASSES_MARK'] }))).toBe(
      'Filing would pass the wear mark. Fit another loop.',
    );
    expect(planSentence(plan({ advice: 'OUT_OF_USE', reasons: ['CUTTER_CONDEMNED'] }))).toContain(
      'retire it',
    );
  });
  it('says how sure the file is', () => {
    expect(rateSentence({ mm: 0.06, source: 'ESTIMATE', filings: 0 })).toContain('0.06 mm a stroke (est.)');
    expect(
      rateSentence({
        mm: 0.052,
        source: 'CHAIN',
        filings: 1,
        range: { low: 0.05, likely: 0.052, high: 0.06 },
      }),
    ).toBe('0.052 mm a stroke, learned from 1 sharpening of this loop, from 0.05 mm to 0.06 mm.');
    expect(rateSentence({ mm: 0.052, source: 'PITCH', filings: 12 })).toBe(
      '0.052 mm a stroke, learned from 12 sharpenings of its pitch.',
    );
  });
  it('says which way up the bar goes back', () => {
    expect(flipSentence({ turned: true, turnNow: false, sharpenings: 0 })).toBe(
      'It is turned over now. It goes back the same way up.',
    );
    expect(flipSentence({ turned: false, turnNow: true, sharpenings: 2 })).toBe(
      'It is the way up it was when new. Turn it over this time.',
    );
  });
  it('puts a sample into strokes', () => {
    expect(sampleWords(plan({}))).toMatch(/^Touch up: 2 strokes on every cutter \(est\.\)\./);
    expect(sampleWords(plan({ advice: 'EQUALISE', way: 'TO_ONE_LENGTH' }))).toContain(
      'strokes left 2 to 9, right 4, more on the longer ones',
    );
  });
  it('says what filing back costs, for damage and for gauges that are too low', () => {
    const back = { strokes: 34, percentOfLife: 37.1, scrap: false };
    expect(fileBackSentence(back, 'DAMAGE')).toBe(
      '34 strokes on every cutter take the damage out and cost 37 % of the life of the loop (est.).',
    );
    expect(fileBackSentence({ ...back, scrap: true }, 'DAMAGE')).toMatch(/That passes its mark: scrap it\.$/);
    expect(fileBackSentence({ ...back, strokes: 1 }, 'GAUGES')).toMatch(
      /^Cured only by filing back: 1 stroke on every cutter, 37 % .* Then read the gauges again\.$/,
    );
  });
  it('says that a curve seen from four lengths may be one bad cutter', () => {
    expect(sampleWords(plan({ outliers: [0] }))).toMatch(
      /The shortest on the left stands alone, so that may be one bad cutter: leave it out, or map the loop\.$/,
    );
    expect(sampleWords(plan({}))).not.toMatch(/alone/);
  });
});
