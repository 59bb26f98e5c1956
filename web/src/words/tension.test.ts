import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { nextMoveOf, reasonOf, verdictWord } from './tension';

const verdict = (changed: Partial<Schemas['TensionVerdict']>): Schemas['TensionVerdict'] => ({
  outcome: 'LOOSE',
  provisional: false,
  reasons: ['RATIO'],
  unmet: [],
  figures: { targetMm: 6, targetSlackMm: 0.18, ratio: 3.3 },
  next: { kind: 'TURN_IN', turn: { wholes: 0, parts: 1, of: 4 }, aim: 6 },
  ...changed,
});

describe('a verdict in words', () => {
  it('says the reason and the next movement of the hand', () => {
    expect(reasonOf(verdict({}), 'TANG_LINE')).toBe('The loop has about 3.3 times the slack this bar wants.');
    expect(nextMoveOf(verdict({}), 'TANG_LINE')).toBe(
      'Turn the adjuster in about a quarter of a turn, then pull the chain round and read again. Aim for 6 mm on this bar.',
    );
  });
  it('forbids running a saw that can throw its chain', () => {
    expect(nextMoveOf(verdict({ outcome: 'THROW_RISK' }), 'TANG_LINE')).toMatch(/^Do not run the saw\. /);
  });
  it('does not ask to tighten a hot chain, and says where the heat of a tight one goes', () => {
    expect(verdictWord('LOOSE', true)).toBe('Hot: read it cold');
    expect(verdictWord('RIGHT', true)).toBe('Right, read hot');
    const tight = verdict({
      outcome: 'TOO_TIGHT',
      figures: { targetMm: 6, targetSlackMm: 0.18, ratio: 0.1 },
    });
    expect(reasonOf(tight, 'TANG_LINE')).toMatch(
      /heat into nose, sprocket, bearing and clutch: look at them\.$/,
    );
    expect(reasonOf(verdict({}), 'TANG_LINE')).not.toMatch(/heat/);
  });
  it('names what made a reading unfair', () => {
    const unfair = verdict({
      outcome: 'NO_VERDICT',
      reasons: ['UNFAIR'],
      unmet: ['NOSE_UP', 'OILED'],
      next: { kind: 'READ_FAIRLY' },
    });
    expect(nextMoveOf(unfair, 'TANG_LINE')).toBe('Hold the nose up and oil the chain. Then read again.');
  });
});
