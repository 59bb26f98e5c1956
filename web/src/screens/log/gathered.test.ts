import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { gathered } from './gathered';
import { lineOf } from './lineOf';

function step(name: Schemas['Step'], visitId?: string, more: Partial<Schemas['StepLine']> = {}) {
  return {
    id: name,
    at: '2026-05-01T08:00:00Z',
    kind: 'STEP',
    tag: '06',
    by: 'Ida Marsh',
    step: {
      step: name,
      outcome: 'FINE',
      findings: [],
      figures: {},
      told: false,
      ...(visitId ? { visitId } : {}),
      ...more,
    },
    photos: [],
  } satisfies Schemas['LogEntry'];
}

describe('the log', () => {
  it('gathers the plain steps of a visit into its latest line, first done first', () => {
    const lines = gathered([step('NUTS', 'a'), step('BRAKE_LEVER', 'a'), step('MAKE_SAFE', 'a')]);
    expect(lines).toHaveLength(1);
    expect(lines[0]?.with.map((s) => s.step.step)).toEqual(['MAKE_SAFE', 'BRAKE_LEVER']);
  });
  it('leaves what was found, measured or recorded by itself in lines of their own', () => {
    const lines = gathered([
      step('NUTS', 'a'),
      step('RAILS', 'a', { outcome: 'ATTEND', findings: ['BURR'] }),
      step('GROOVE', 'a', { figures: { GROOVE_DEPTH: 7.1 } }),
      step('REPLACE_BAR', 'a'),
      step('SHARPEN'),
      step('MAKE_SAFE', 'b'),
    ]);
    expect(lines.map((l) => (l.entry.kind === 'STEP' ? l.entry.step.step : l.entry.kind))).toEqual([
      'NUTS',
      'RAILS',
      'GROOVE',
      'REPLACE_BAR',
      'SHARPEN',
      'MAKE_SAFE',
    ]);
  });
  it('tells a fault from its complaint to its end', () => {
    const fault = (more: Partial<Schemas['FaultLogLine']>) =>
      lineOf({
        id: 'x',
        at: '2026-05-01T08:00:00Z',
        kind: 'FAULT',
        tag: '06',
        by: 'Ida Marsh',
        fault: { faultId: 'x', what: 'Oil lost at rest', ...more },
        photos: [],
      });
    expect(fault({})).toEqual({ head: 'Complaint', rest: 'oil lost at rest' });
    expect(fault({ happened: 'LOOKED', wet: 'CAP' })).toEqual({
      head: 'Looked at the card',
      rest: 'oil lost at rest, at the cap',
    });
    expect(fault({ happened: 'CLOSED' }).head).toBe('Closed');
  });
  it('reads as a sentence', () => {
    expect(lineOf(step('GROOVE', 'a', { figures: { GROOVE_DEPTH: 7.1 } }))).toEqual({
      head: 'Groove and oil holes',
      rest: 'groove depth 7.1 mm',
    });
    expect(lineOf(step('RAILS', 'a', { outcome: 'ATTEND', findings: ['BURR'] })).rest).toBe(
      'needs work, burr on the rail',
    );
  });
});
