import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { holdWord, workReason, workTitle } from './work';

type Work = Schemas['Waiting'];

const task = (more: Partial<Schemas['TaskWaits']>): Schemas['TaskWaits'] => ({
  what: 'TASK_DUE',
  state: 'DUE',
  task: 'SHARPEN',
  fraction: 1,
  events: [],
  needs: [],
  ...more,
});

const fault = (what: Schemas['FaultMatter'], about: string, step: Schemas['Step'] = 'OIL_CARD'): Work => ({
  what,
  state: 'DUE',
  step,
  about,
});

const oil = (what: Schemas['OilMatter'], ratio: number): Work => ({
  what,
  state: 'DUE',
  step: 'OIL_CARD',
  share: ratio,
});

describe('what waits, in words', () => {
  it('names the task and why it is due', () => {
    const due = task({ fraction: 2 });
    expect(workTitle(due, 'PETROL')).toBe('Sharpen');
    expect(workReason(due, 'PETROL')).toBe('2 times its limit');
    expect(workReason({ ...due, fraction: 1 }, 'PETROL')).toBe('Due');
    expect(workReason({ ...due, events: ['GROUND_STRUCK', 'DUST_SEEN'] }, 'PETROL')).toBe(
      'Ground was struck, dust instead of chips',
    );
  });
  it('names what was found and what proves it again', () => {
    const held: Work = {
      what: 'FINDING_HOLDS',
      needs: [{ kind: 'PASS', step: 'BRAKE_RUNNING' }],
      state: 'HELD',
      finding: 'CHAIN_NOT_STOPPED',
      step: 'BRAKE_RUNNING',
    };
    expect(workTitle(held, 'PETROL')).toBe('Chain does not stop');
    expect(workReason(held, 'PETROL')).toBe('Still missing: brake stops the chain');
  });
  it('names a fault by its cause once that is found, and what comes next', () => {
    const repair = fault('FAULT_REPAIR', 'Oil hole of the bar blocked', 'GROOVE');
    expect(workTitle(repair, 'PETROL')).toBe('Oil hole of the bar blocked');
    expect(workReason(repair, 'PETROL')).toBe('Cause found. To do: groove and oil holes');
    expect(workReason(fault('FAULT_FIND', 'Chain runs dry'), 'PETROL')).toBe('Complaint: find the cause');
    expect(workReason(fault('FAULT_PROOF', 'Pump worn'), 'PETROL')).toBe('Repaired. To prove: oil card');
    expect(workReason({ what: 'FAULT_STANDS', state: 'DUE', about: 'Cap seal' }, 'PETROL')).toBe(
      'Closed only by a dry day on card',
    );
    expect(workReason({ what: 'FAULT_CLOSES', state: 'DUE', about: 'Cap seal' }, 'PETROL')).toBe(
      'Repaired and proved. Close the fault',
    );
    expect(workReason(fault('FAULT_MECHANIC', 'Pump worn'), 'PETROL')).toBe('With a qualified mechanic');
  });
  it('says how the oil goes beside the fuel', () => {
    expect(workTitle(oil('NOT_OILING', 0.2), 'PETROL')).toBe(
      'Oil use 0.2 times the usual: the chain is not oiled',
    );
    expect(workTitle(oil('OIL_USE_LOW', 0.4), 'PETROL')).toBe('Oil use 0.4 times the usual: low');
    expect(workReason(oil('OIL_USE_LOW', 0.4), 'PETROL')).toBe('Over the last tanks. An oil card proves it');
    expect(workReason(oil('OIL_USE_HIGH', 1.5), 'PETROL')).toMatch(
      /^Turn the adjuster in, .* does not rule out a leak$/,
    );
    expect(workTitle(oil('OIL_STILL_FULL', 0), 'PETROL')).toBe('A whole tank burned and the oil still full');
  });
  it.each([
    [
      { what: 'FINDING_HOLDS', needs: [], state: 'HELD', step: 'BRAKE_LEVER', finding: 'GUARD_TABS_WORN' },
      'Brake',
    ],
    [{ what: 'STEP_FAILED', state: 'HELD', step: 'CHAIN_LOOK' }, 'Chain'],
    [{ what: 'THROW_RISK', state: 'HELD', step: 'TENSION' }, 'Chain'],
    [task({ what: 'BRAKE_NEVER_TESTED' }), 'Untested'],
    [{ what: 'PERSON_HOLDS', state: 'HELD', step: 'OUTSIDE_LOOK' }, 'Held'],
    [{ what: 'PERSON_HOLDS', state: 'HELD', step: 'BRAKE_RUNNING' }, 'Brake'],
    [task({ what: 'BRAKE_OVERDUE' }), 'Untested'],
    [oil('NOT_OILING', 0.1), 'Oil'],
  ] as [Work, string][])('%# fits on the foot of a plate', (headline, word) => {
    expect(holdWord(headline)).toBe(word);
    expect(word.length).toBeLessThan(9);
  });
  it('says of a loop that came back what is not looked at yet', () => {
    const back: Work = {
      what: 'PART_BACK',
      state: 'HELD',
      step: 'CHAIN_LOOK',
      part: 'CHAIN',
      needs: [{ kind: 'PASS', step: 'DEPTH_GAUGES' }],
    };
    expect(workTitle(back, 'PETROL')).toBe('Loop was with a mechanic. Look at it');
    expect(workReason(back, 'PETROL')).toBe('Still missing: depth gauges');
    expect(holdWord(back)).toBe('Loop');
  });
  it('names the causes of a slack chain in their order, and what a tight one heated', () => {
    const need = (step: 'NUTS' | 'SPROCKET' | 'NOSE') => ({ kind: 'PASS' as const, step });
    const slack = {
      what: 'SLACK_AGAIN' as const,
      state: 'DUE' as const,
      step: 'NUTS' as const,
      needs: [need('NUTS'), need('SPROCKET')],
      outings: 2,
    };
    expect(workTitle(slack, 'PETROL')).toBe('Slack again within a tank, 2 outings in a row');
    expect(workReason(slack, 'PETROL')).toBe('Suspect, in this order: loose nuts, a worn sprocket');
    const tight = { ...slack, what: 'RAN_TOO_TIGHT' as const, needs: [need('NOSE'), need('SPROCKET')] };
    expect(workReason(tight, 'PETROL')).toMatch(/^Not looked at since: /);
  });
});
