import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { effectSentences } from './corrections';

const holds = (step: Schemas['Step']): Schemas['Waiting'] => ({
  what: 'PERSON_HOLDS',
  state: 'HELD',
  step,
  needs: [{ kind: 'PASS', step }],
});

function effect(saw: Partial<Schemas['SawEffect']>): Schemas['Effect'] {
  return {
    officer: false,
    saws: [{ tag: '06', power: 'PETROL', before: 'FIT', after: 'FIT', gained: [], lost: [], ...saw }],
  };
}

describe('what a correction does', () => {
  it('says what each saw will be', () => {
    expect(effectSentences(effect({}))).toEqual(['Saw 06 stays fit.']);
    expect(effectSentences(effect({ before: 'DUE', after: 'HELD' }))).toEqual([
      'Saw 06 is due and will be held.',
    ]);
  });
  it('tells what is looked at anew by what looks at it, and nothing twice', () => {
    const [said] = effectSentences(effect({ lost: [holds('NUTS'), holds('NUTS'), holds('BRAKE_RUNNING')] }));
    expect(said).toBe(
      'Saw 06 stays fit. Goes on the work list: Nuts tight, rear first, again; Brake stops the chain, again.',
    );
  });
  it('says so where a saw stands nowhere', () => {
    expect(effectSentences({ officer: true, saws: [] })).toEqual([
      'The saw is retired: this counts once it is back in service.',
    ]);
  });
});
