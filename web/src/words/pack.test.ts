import { afterEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { writeAs } from './house';
import { packLine, packMissing, packNotes, packStands } from './pack';

type Line = Schemas['PackLine'];

const line = (more: Partial<Line>): Line => ({
  kind: 'SAW',
  name: '04',
  amount: 1,
  saws: [],
  soaks: false,
  guessed: [],
  ...more,
});

describe('a pack in words', () => {
  it.each<[Partial<Line>, string]>([
    [{}, 'Saw 04'],
    [{ kind: 'LOOP', name: 'YC-32' }, 'Loop YC-32'],
    [{ kind: 'ARTICLE', name: 'Plug P-45', amount: 2 }, '2 × Plug P-45'],
    [{ kind: 'ROUND_FILE', name: '4.8', figure: 4.8, amount: 2 }, '2 × Round file 4.8 mm'],
    [{ kind: 'NUT_KEY', name: '13', figure: 13 }, 'Key for bar nuts 13 mm'],
    [{ kind: 'NUT_KEY', name: '?' }, 'Key for bar nuts, size not noted'],
    [{ kind: 'FUEL_MIX', name: '50', figure: 50, amount: 2500 }, 'Fuel mix 50:1, 2.5 L'],
    [{ kind: 'FUEL_MIX', name: '?', amount: 500 }, 'Fuel mix, ratio not noted, 0.5 L'],
    [{ kind: 'BAR_OIL', name: 'BAR_OIL', amount: 1000 }, 'Bar oil, 1 L'],
    [{ kind: 'CHARGES', name: 'CHARGES', amount: 6 }, 'Charged batteries, 6 charges'],
    [{ kind: 'SCREWDRIVER', name: 'SCREWDRIVER' }, 'Screwdriver for the adjuster'],
  ])('names what is packed', (more, words) => {
    expect(packLine(line(more))).toBe(words);
  });

  it('says for whom, what goes into it, and what was guessed', () => {
    expect(
      packNotes(
        line({
          kind: 'FUEL_MIX',
          name: '50',
          figure: 50,
          amount: 5000,
          mixOilMl: 100,
          saws: ['04', '07'],
          guessed: ['07'],
        }),
      ),
    ).toEqual(['for saws 04 and 07', '100 mL of two-stroke oil in it', 'tank of 07 not noted, estimated']);
    const many = Array.from({ length: 22 }, (_, i) => `V${i}`);
    expect(packNotes(line({ kind: 'BAR_OIL', name: 'BAR_OIL', saws: many, guessed: many }))).toEqual([
      'for 22 saws',
      'tank of 22 saws not noted, estimated',
    ]);
    expect(packNotes(line({ kind: 'LOOP', name: 'YC-32', soaks: true }))).toEqual([
      'new: into the oil the evening before',
    ]);
    expect(packNotes(line({ kind: 'LOOP', name: 'YC-03' }))).toEqual(['has run: look at its edge first']);
    expect(packNotes(line({ kind: 'LOOP', name: '.325"', there: 0 }))).toEqual([]);
  });

  it.each<[Partial<Line>, string | undefined]>([
    [{ kind: 'PLUG', name: 'P-45', there: 1 }, undefined],
    [{ kind: 'PLUG', name: 'P-45' }, undefined],
    [{ kind: 'PLUG', name: 'P-45', there: 0 }, 'none in the stores'],
    [{ kind: 'ROUND_FILE', name: '4.8', figure: 4.8, amount: 3, there: 2 }, 'only 2 in the stores'],
    [{ kind: 'LOOP', name: '.325" .050", 66 drive links', there: 0 }, 'none on the shelf fits'],
    [{ kind: 'BAR_OIL', name: 'BAR_OIL', amount: 3000, there: 1500 }, 'only 1.5 L in the stores'],
    [{ kind: 'FUEL_MIX', name: '50', amount: 3000, there: 1500 }, 'the oil on the shelf is enough for 1.5 L'],
  ])('says what is missing', (more, words) => {
    expect(packMissing(line(more))).toBe(words);
  });

  it('says how it stands', () => {
    expect(packStands({ lines: 12, ticked: 3, missing: 0 })).toBe('3 of 12 packed');
    expect(packStands({ lines: 12, ticked: 3, missing: 2 })).toBe('3 of 12 packed, 2 short');
    expect(packStands({ lines: 12, ticked: 12, missing: 1 })).toBe('all 12 packed');
    expect(packStands({ lines: 0, ticked: 0, missing: 0 })).toBe('nothing to pack yet: no saw is known');
  });
});

describe('in inches and gallons', () => {
  afterEach(() => writeAs({}));

  it('calls a key as it is stamped', () => {
    writeAs({ lengthUnit: 'INCH', volumeUnit: 'US_GALLON' });
    expect(packLine(line({ kind: 'NUT_KEY', name: '13', figure: 13 }))).toBe('Key for bar nuts metric 13');
    expect(packLine(line({ kind: 'NUT_KEY', name: '12.7', figure: 12.7 }))).toBe('Key for bar nuts 1/2 in');
    expect(packLine(line({ kind: 'NUT_KEY', name: '26.99', figure: 26.9875 }))).toBe(
      'Key for bar nuts 1 1/16 in',
    );
    expect(packLine(line({ kind: 'BAR_OIL', name: 'BAR_OIL', amount: 1892.7 }))).toBe('Bar oil, 0.5 US gal');
  });
});
