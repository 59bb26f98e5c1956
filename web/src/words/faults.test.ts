import { describe, expect, it } from 'vitest';
import {
  checkCaution,
  evidenceSentence,
  ratioSentence,
  repeatSentence,
  stageSentence,
  strokesOfTwenty,
  watchSentence,
  whyOut,
} from './faults';

describe('faults in words', () => {
  it('says what spoke for a cause and what against it, the strongest first', () => {
    const ranked = {
      code: 'x',
      title: 'X',
      share: 0.7,
      seen: false,
      evidence: [
        { said: 'oil came at the outlet with the bar off', times: 9 },
        { signal: 'LONG_SINCE_CLEAN' as const, times: 2 },
        { said: 'the oil tank was nearly empty', times: 0.2 },
        { said: 'a third thing', times: 1.3 },
      ],
    };
    expect(evidenceSentence(ranked)).toBe(
      'More likely: oil came at the outlet with the bar off; it has not been cleaned for a long time. Less likely: the oil tank was nearly empty.',
    );
    expect(evidenceSentence({ ...ranked, evidence: [] })).toBe('');
  });
  it('says why a cause is out, and nothing of one that may be it', () => {
    const ranked = { code: 'x', title: 'X', share: 0, seen: false, evidence: [] };
    expect(whyOut(ranked)).toBeUndefined();
    expect(whyOut({ ...ranked, endedBy: 'the band measures 1.4 mm' })).toBe('Out: the band measures 1.4 mm.');
    expect(whyOut({ ...ranked, past: 'NOT_IT' })).toBe('Ruled out.');
    expect(whyOut({ ...ranked, past: 'PUT_RIGHT', endedBy: 'x' })).toBe(
      'Put right, and the complaint was still there.',
    );
  });
  it('draws shares as strokes of twenty', () => {
    expect([0, 0.02, 0.03, 0.5, 0.86, 1].map(strokesOfTwenty)).toEqual([0, 0, 1, 10, 17, 20]);
  });
  it('names what is still missing', () => {
    expect(stageSentence({ stage: 'REPAIR', steps: ['GROOVE'] })).toBe('Still to do: groove and oil holes');
    expect(stageSentence({ stage: 'PROVE', steps: ['OIL_CARD'] })).toBe('Still to prove: oil card');
  });
  it('names what may leak where it is wet', () => {
    expect(watchSentence({ state: 'WET', wet: 'BAR_SIDE', suspects: ['HOSE', 'PUMP_SEAL'] })).toBe(
      'Wet: bar side. Suspect the hose or the pump seal. Swap one part, then stand it again.',
    );
  });
  it('points at what comes again', () => {
    expect(repeatSentence({ kind: 'ON_ONE_SAW', where: '08', cause: 'Chain dull', times: 3, days: 40 })).toBe(
      'Saw 08: chain dull, 3 times within 40 days. Look for what lies behind it.',
    );
  });
  it('says each caution of a check once', () => {
    const check = {
      code: 'x',
      title: 'X',
      how: '',
      stage: 'BAR_OFF' as const,
      part: 'BAR' as const,
      minutes: 1,
      openingMinutes: 0,
      bits: 1,
      fullTank: false,
      answers: [],
    };
    const stage = 'Engine off, battery out. Gloves. Brake off before the cover.';
    expect(checkCaution(check, 'BATTERY')).toBe(stage);
    expect(checkCaution({ ...check, caution: 'Gloves. Eyes for air.' }, 'BATTERY')).toBe(
      `${stage} Eyes for air.`,
    );
    expect(checkCaution({ ...check, stage: 'CLOSED', caution: 'Gloves.' }, 'PETROL')).toBe('Gloves.');
    expect(checkCaution({ ...check, stage: 'CLOSED' }, 'PETROL')).toBeUndefined();
  });
  it('says how the oil goes, by what the saw burns', () => {
    const ratio = {
      ratio: 0.27,
      share: 0.9,
      seen: false,
      usual: { perTank: 0.3, source: 'ESTIMATE' as const },
      tanks: 4,
      verdict: 'RIGHT' as const,
      trend: 'STEADY' as const,
      stillFull: false,
    };
    expect(ratioSentence(ratio, 'BATTERY', 'AUTOMATIC_FIXED')).toBe(
      '0.27 tanks of oil for each charge over the last 4 charges, usual 0.3 a charge (est.), and steady. Nothing to do.',
    );
    expect(ratioSentence(ratio, 'PETROL', 'AUTOMATIC_FIXED')).toBe(
      '0.27 tanks of oil for each tank of fuel over the last 4 tanks, and steady. Nothing to do.',
    );
    const much = { ...ratio, verdict: 'HIGH' as const };
    expect(ratioSentence(much, 'PETROL', 'AUTOMATIC_ADJUSTABLE')).toContain('turn the adjuster in, or look');
    expect(ratioSentence(much, 'PETROL', 'HAND_BULB')).not.toContain('adjuster');
    expect(ratioSentence({ ...ratio, stillFull: true }, 'PETROL', 'HAND_BULB')).toContain('still full');
  });
});
