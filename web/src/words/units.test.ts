import { afterEach, describe, expect, it } from 'vitest';
import { writeAs } from './house';
import {
  byCaliper,
  byGauge,
  byRule,
  canOf,
  fine,
  length,
  lengthTyped,
  ofLitres,
  priceOf,
  settingFigure,
  stockTyped,
  tank,
  tankTyped,
  typedLength,
  typedTank,
  withInches,
} from './units';

afterEach(() => writeAs({}));

const american = () => writeAs({ lengthUnit: 'INCH', volumeUnit: 'US_GALLON' });

describe('lengths', () => {
  it.each([
    [byRule, 6, '6 mm', '15/64 in'],
    [byRule, 6.35, '6.3 mm', '1/4 in'],
    [byRule, 4.8, '4.8 mm', '3/16 in'],
    [byRule, 5.2, '5.2 mm', '13/64 in'],
    [byRule, 30.2, '30.2 mm', '1 3/16 in'],
    [byRule, 50.8, '50.8 mm', '2 in'],
    [byRule, 0, '0 mm', '0 in'],
    [byGauge, 0.65, '0.65 mm', '0.026 in'],
    [byGauge, 2.54, '2.54 mm', '0.1 in'],
    [byCaliper, 8.3, '8.30 mm', '0.327 in'],
    [length, 3.18, '3.2 mm', '0.13 in'],
    [fine, 0.0508, '0.051 mm', '0.002 in'],
    [length, -0.01, '0 mm', '0 in'],
  ])('%o of %d mm', (said, mm, metric, inches) => {
    expect(said(mm)).toBe(metric);
    american();
    expect(said(mm)).toBe(inches);
  });

  it('lie no further off than half a mark of the rule', () => {
    american();
    for (let mm = 0; mm < 60; mm += 0.37) {
      const [, whole = '0', top = '0', bottom = '1'] =
        /^(?:(\d+) )?(?:(\d+)\/(\d+) )?in$/.exec(byRule(mm)) ?? [];
      const read = (Number(whole) + Number(top) / Number(bottom)) * 25.4;
      expect(Math.abs(read - mm)).toBeLessThanOrEqual(25.4 / 128 + 1e-9);
    }
  });

  it('are sent back to the last digit where nobody touched them', () => {
    american();
    expect(typedLength(0.8)).toBe('0.0315 in');
    expect(lengthTyped('0.0315 in', 0.8)).toBe('0.8 mm');
    expect(lengthTyped('0.04', 0.8)).toBe('0.04');
    expect(typedLength(undefined)).toBe('');
  });
});

it('stand beside the figures of a text that is written in mm', () => {
  const text = 'From 0.3 to 0.5 mm it waits; a groove of 7.1 mm, 68 links.';
  expect(withInches(text)).toBe(text);
  american();
  expect(withInches(text)).toBe(
    'From 0.3 to 0.5 mm (0.012 to 0.02 in) it waits; a groove of 7.1 mm (0.28 in), 68 links.',
  );
});

describe('volumes', () => {
  it.each([
    [tank, 450, '450 mL', '15.2 US fl oz'],
    [canOf, 5000, '5 L', '1.3 US gal'],
    [ofLitres, 3.785411784, '3.8 L', '1 US gal'],
    [(ml: number) => settingFigure(ml, 'MILLILITRES'), 250, '250 mL', '8.45 fl oz'],
    [(mm: number) => settingFigure(mm, 'MM'), 0.65, '0.65 mm', '0.0256 in'],
    [(percent: number) => settingFigure(percent, 'PERCENT'), 20, '20 %', '20 %'],
    [(count: number) => settingFigure(count, 'OUTINGS'), 1, '1 outing', '1 outing'],
    [(count: number) => settingFigure(count, 'OUTINGS'), 2, '2 outings', '2 outings'],
  ])('%o of %d', (said, figure, metric, us) => {
    expect(said(figure)).toBe(metric);
    american();
    expect(said(figure)).toBe(us);
  });

  it('of the stores mean what their field says', () => {
    expect(stockTyped('2', 'LITRE')).toBe(2);
    expect(priceOf(1000, 'LITRE')).toBe(1000);
    american();
    expect(stockTyped('2', 'LITRE')).toBeCloseTo(7.571, 3);
    expect(stockTyped('2', 'PIECE')).toBe(2);
    expect(stockTyped('', 'LITRE')).toBeUndefined();
    expect(priceOf(1000, 'LITRE')).toBe(264);
    expect(priceOf(1000, 'PIECE')).toBe(1000);
    expect(tankTyped(typedTank(450), 450)).toBe('450 mL');
  });
});
