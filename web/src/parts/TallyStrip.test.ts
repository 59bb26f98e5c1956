import { describe, expect, it } from 'vitest';
import { strokesOf } from './TallyStrip';

const kinds = (used: number, limit: number) => strokesOf(used, limit).map((s) => s.kind);

describe('tally strokes', () => {
  it('draws what is left faintly', () => {
    expect(kinds(1, 3)).toEqual(['used', 'left', 'left']);
  });
  it('draws what is over the limit apart', () => {
    expect(kinds(3, 1)).toEqual(['used', 'over', 'over']);
  });
  it('draws a part of a tank as a shorter stroke', () => {
    expect(strokesOf(1.5, 1)).toEqual([
      { kind: 'used', part: 1 },
      { kind: 'over', part: 0.5 },
    ]);
  });
  it('never draws fewer strokes than the limit', () => {
    for (let used = 0; used < 8; used += 0.25) {
      expect(strokesOf(used, 4).length).toBeGreaterThanOrEqual(4);
    }
  });
});
