import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { costSentence, insightSentence, lifeSentence, money } from './wear';

const wear = (more: Partial<Schemas['WearView']>): Schemas['WearView'] => ({
  kind: 'CUTTER',
  points: [],
  limitMm: 4,
  usedTanks: 20,
  ...more,
});

describe('wear in words', () => {
  it('is silent about the end with too few readings', () => {
    expect(lifeSentence(wear({ points: [{ at: '2026-05-01T08:00:00Z', use: 3, mm: 9 }] }), 'PETROL')).toBe(
      '1 reading: too few to say how long it lasts.',
    );
  });
  it('gives a range and says that it is an estimate', () => {
    const said = lifeSentence(
      wear({ readings: 6, tanksEarly: 21, tanksLikely: 24.7, tanksLate: 30 }),
      'PETROL',
    );
    expect(said).toBe('About 25 tanks left (21 to 30). Estimate from 6 readings.');
    expect(lifeSentence(wear({ readings: 6, tanksEarly: 21, tanksLikely: 24.7 }), 'PETROL')).toContain(
      'or many more',
    );
  });
  it('says what stands at its limit, and what does not wear', () => {
    expect(lifeSentence(wear({ readings: 4, tanksEarly: 0, tanksLikely: 0, tanksLate: 0 }), 'PETROL')).toBe(
      'At its limit.',
    );
    expect(lifeSentence(wear({ readings: 4 }), 'PETROL')).toBe('No wear seen over 4 readings.');
  });
  it('writes money as people do', () => {
    expect(money(2584)).toBe('25.84');
    expect(costSentence({ cents: 30, estimated: true }, 'PETROL')).toBe('0.30 a tank (est.)');
    expect(costSentence(undefined, 'PETROL')).toBe('');
    expect(costSentence({ cents: 30, estimated: false }, 'BATTERY')).toBe('0.30 a charge');
  });
  it.each([
    [
      { kind: 'EATS_EDGES', saw: '15', power: 'PETROL', figure: 0.11, against: 0.048 },
      'Saw 15 wears cutters fast: 0.11 mm a tank, its sisters 0.05 mm. Ask where it works.',
    ],
    [
      { kind: 'GROWS_FAST', saw: '12', power: 'BATTERY', chain: 'YC-12', figure: 0.6, against: 0.23 },
      'Loop YC-12 on saw 12 grows 0.6 mm a charge, against 0.23 mm before or on its sisters. Look at sprocket, nuts and oil.',
    ],
    [
      {
        kind: 'SHORTER_SIDE',
        saw: '12',
        power: 'PETROL',
        chain: 'YC-12',
        figure: 0.2,
        side: 'LEFT',
        times: 11,
        of: 11,
      },
      'Loop YC-12 on saw 12: the left side was shorter in 11 of 11 sharpenings, by 0.20 mm. Somebody presses harder there, or the vice sits askew.',
    ],
  ] as [Schemas['Insight'], string][])('%# names what stands out', (insight, said) => {
    expect(insightSentence(insight)).toBe(said);
  });
});
