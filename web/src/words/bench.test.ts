import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { findingWords, saidWords, stepOn, stepWords } from './bench';

const DANGEROUS: Schemas['Step'][] = [
  'OUTSIDE_LOOK',
  'BRAKE_LEVER',
  'INERTIA',
  'CLEAN_COVER',
  'CHAIN_LOOK',
  'SHARPEN',
  'EQUALISE',
  'AIR_FILTER',
  'TANKS',
  'FILL',
  'BRAKE_RUNNING',
  'CONTROLS',
  'OIL_CARD',
];

describe('the words of the bench', () => {
  it('gives the usual caution where the hand can be hurt', () => {
    for (const step of DANGEROUS) expect(stepWords[step].caution, step).toBeTruthy();
  });
  it('never tests a brake or an oiler alone', () => {
    for (const step of ['BRAKE_RUNNING', 'CONTROLS', 'OIL_CARD'] as const) {
      expect(stepWords[step].caution).toMatch(/second person near/i);
    }
  });
  it('says everything in sentence case, without exclamation', () => {
    const all = [
      ...Object.values(stepWords).flatMap((w) => [w.title, w.how, w.caution ?? 'None']),
      ...Object.values(findingWords),
    ];
    for (const text of all) {
      expect(text).toMatch(/^[A-Z]/);
      expect(text).not.toContain('!');
    }
  });
  it('has no two findings of the same words', () => {
    const said = Object.values(findingWords);
    expect(new Set(said).size).toBe(said.length);
  });
  it('puts fine first and fail last', () => {
    for (const kind of ['LOOK', 'FUNCTION_TEST', 'CARD', 'MEASURE'] as const) {
      const outcomes = saidWords(kind).map(([outcome]) => outcome);
      expect(outcomes[0]).toBe('FINE');
      expect(outcomes[outcomes.length - 1]).toBe('FAIL');
    }
  });
  it('speaks of what a saw has, and of nothing else', () => {
    const petrol = { power: 'PETROL', oiler: 'AUTOMATIC_FIXED', nose: 'SOLID' } as const;
    const battery = { power: 'BATTERY', oiler: 'AUTOMATIC_FIXED', nose: 'SEALED_SPROCKET' } as const;
    expect(stepOn('NOSE', petrol).how).toContain('Nothing spins on a solid nose');
    expect(stepOn('NOSE', battery).how).not.toContain('solid');
    expect(stepOn('NOSE_GREASE', battery).how).toContain('No hole in this nose');
    expect(stepOn('NOSE_GREASE', { ...petrol, nose: 'GREASABLE_SPROCKET' }).how).toContain('Clear the hole');
    for (const step of ['BEARING', 'STRIP_DOWN', 'REPLACE_SPROCKET'] as const) {
      expect(stepOn(step, petrol).how).toMatch(/left-hand thread.*slight drag/);
      expect(stepOn(step, battery).how).not.toContain('left-hand');
      expect(stepOn(step, { ...petrol, oiler: 'HAND_BULB' }).how).not.toContain('slight drag');
    }
    for (const step of ['CONTROLS', 'FILL', 'TANKS'] as const) {
      const said = Object.values(stepOn(step, battery)).join(' ');
      expect(said).not.toMatch(/engine|fuel/i);
    }
  });
});
