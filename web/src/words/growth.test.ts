import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { measuredWords, othersOfGrowth } from './growth';

const growth = (leads: Schemas['ChainGrowth']['leads'], grown: Schemas['Grown']): Schemas['ChainGrowth'] => ({
  grown,
  leads,
  mm: 0,
  percent: 0,
  advice: 'FINE',
  reasons: [],
});

describe('a growth in words', () => {
  it('says what the others say where one leads', () => {
    expect(
      othersOfGrowth(
        growth('JOINT_PLAY', { byTurnsMm: 8, byPlayMm: 13.6, byTenLinksMm: 9.1, refitsUncounted: 2 }),
      ),
    ).toBe(' By the turns alone 8 mm and the length over ten links 9.1 mm; the largest counts.');
    expect(othersOfGrowth(growth('TURNS', { byTurnsMm: 8, refitsUncounted: 0 }))).toBe('');
  });
  it('says what nobody counted, while the turns lead', () => {
    expect(othersOfGrowth(growth('TURNS', { byTurnsMm: 8, refitsUncounted: 1 }))).toMatch(
      /^ The set was apart once after use: what was taken up then is not counted\./,
    );
    expect(othersOfGrowth(growth('TURNS', { byTurnsMm: 8, refitsUncounted: 5 }))).toMatch(/5 times/);
  });
  it('tells what was measured beside the tension', () => {
    expect(measuredWords({ adjusterPlace: 4.5, playPerJointMm: 0.08 })).toBe(
      'Adjuster 4.5 turns out and joint play 0.08 mm.',
    );
    expect(measuredWords({})).toBe('');
  });
});
