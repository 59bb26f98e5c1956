import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { holdWord, workReason, workTitle } from './work';

const work = (more: Partial<Schemas['WaitingWork']> & Pick<Schemas['WaitingWork'], 'what'>) =>
  ({ state: 'DUE', figure: 0, events: [], ...more }) satisfies Schemas['WaitingWork'];

describe('what waits, in words', () => {
  it('names the task and why it is due', () => {
    const due = work({ what: 'TASK_DUE', task: 'SHARPEN', figure: 2 });
    expect(workTitle(due)).toBe('Sharpen');
    expect(workReason(due)).toBe('2 times its limit');
    expect(workReason({ ...due, figure: 1 })).toBe('Its limit is reached');
    expect(workReason({ ...due, events: ['GROUND_STRUCK', 'DUST_SEEN'] })).toBe(
      'Ground was struck, dust instead of chips',
    );
  });
  it('names what was found and what proves it again', () => {
    const held = work({ what: 'FINDING_HOLDS', finding: 'CHAIN_NOT_STOPPED', step: 'BRAKE_RUNNING' });
    expect(workTitle(held)).toBe('Chain does not stop');
    expect(workReason(held)).toBe('Proved again by: brake stops the chain');
  });
  it('names a fault by its cause once that is found, and what comes next', () => {
    const repair = work({ what: 'FAULT_REPAIR', about: 'Oil hole of the bar blocked', step: 'GROOVE' });
    expect(workTitle(repair)).toBe('Oil hole of the bar blocked');
    expect(workReason(repair)).toBe('Cause found. Done by: groove and oil holes');
    expect(workReason(work({ what: 'FAULT_FIND', about: 'Chain runs dry' }))).toBe(
      'Complaint: find the cause',
    );
    expect(workReason(work({ what: 'FAULT_PROOF', step: 'OIL_CARD' }))).toBe('Repaired. Proved by: oil card');
    expect(workReason(work({ what: 'FAULT_STANDS' }))).toBe('Closed only by a dry day on card');
    expect(workReason(work({ what: 'FAULT_CLOSES' }))).toBe('Repaired and proved. Close the fault');
    expect(workReason(work({ what: 'FAULT_MECHANIC' }))).toBe('With a qualified mechanic');
  });
  it('says how the oil goes beside the fuel', () => {
    expect(workTitle(work({ what: 'NOT_OILING', figure: 0.2 }))).toBe(
      'Oil use 0.2 of fuel: the chain is not oiled',
    );
    expect(workTitle(work({ what: 'OIL_USE_LOW', figure: 0.4 }))).toBe('Oil use 0.4 of fuel: low');
    expect(workReason(work({ what: 'OIL_USE_HIGH', figure: 1.5 }))).toBe(
      'Over the last tanks. An oil card proves it',
    );
  });
  it.each([
    [{ what: 'FINDING_HOLDS', step: 'BRAKE_LEVER' }, 'Brake'],
    [{ what: 'STEP_FAILED', step: 'CHAIN_LOOK' }, 'Chain'],
    [{ what: 'THROW_RISK' }, 'Chain'],
    [{ what: 'BRAKE_NEVER_TESTED' }, 'Untested'],
    [{ what: 'PERSON_HOLDS', step: 'OUTSIDE_LOOK' }, 'Held'],
    [{ what: 'PERSON_HOLDS', step: 'BRAKE_RUNNING' }, 'Brake'],
    [{ what: 'BRAKE_OVERDUE' }, 'Untested'],
    [{ what: 'NOT_OILING', step: 'OIL_CARD' }, 'Oil'],
  ] as [Schemas['Headline'], string][])('%# fits on the foot of a plate', (headline, word) => {
    expect(holdWord(headline)).toBe(word);
    expect(word.length).toBeLessThan(9);
  });
});
