import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { movedWords, untilWords, wantedWords, wayWords } from './plan';
import { bookingWords, dayMinutes, visitTitle } from './planned';

const visit = (more: Partial<Schemas['PlannedVisit']>): Schemas['PlannedVisit'] => ({
  tag: '07',
  bench: 1,
  minutes: 12,
  tasks: [],
  routine: [],
  others: false,
  riding: {},
  reason: 'DUE',
  waitedFor: { cause: 'NONE', day: 0 },
  again: false,
  pinned: false,
  ...more,
});

describe('the plan in words', () => {
  it.each([
    [{ saws: 1 }, '1 saw'],
    [{ saws: 3, handle: 'REAR' as const, barAtLeastMm: 406.4 }, '3 saws: rear handle, 16 in or more'],
    [{ saws: 2, power: 'BATTERY' as const }, '2 saws: battery'],
  ])('says what a crew wants', (wanted, words) => {
    expect(wantedWords(wanted)).toBe(words);
  });

  it('names what a visit is for, and the routine in one word', () => {
    expect(
      visitTitle(
        visit({ tasks: ['TENSION', 'BRAKE', 'SHARPEN', 'PLUG'], routine: ['TENSION', 'BRAKE'] }),
        undefined,
      ),
    ).toBe('Sharpen, plug, routine');
    expect(visitTitle(visit({ tasks: ['TENSION'], routine: ['TENSION'] }), undefined)).toBe('Tension check');
    expect(visitTitle(visit({ tasks: ['SHARPEN', 'PLUG'], riding: { PLUG: 1 } }), undefined)).toBe('Sharpen');
    expect(
      visitTitle(visit({ tasks: ['SHARPEN', 'PLUG', 'AIR_FILTER', 'STARTER', 'TANKS'] }), undefined),
    ).toBe('Sharpen, plug, air filter and 2 more');
  });

  it('says of a saw that comes back from a mechanic that it is proved', () => {
    const back = visit({
      tasks: ['SHARPEN'],
      others: true,
      waitedFor: { cause: 'AWAY', day: 2, what: 'Hob Lane' },
    });
    expect(visitTitle(back, undefined)).toBe('Set back and prove, back from the mechanic');
    expect(untilWords(back.waitedFor, '2026-11-30')).toMatch(/^with Hob Lane, back Wed/u);
    expect(untilWords({ cause: 'AWAY', day: 2_147_483_647 }, '2026-11-30')).toBe(
      'with a mechanic, no day to count on',
    );
  });

  it.each([
    [
      { cause: 'OUT' as const, day: 2_147_483_647, what: 'Tunnel gang' },
      'out with Tunnel gang, nobody said until when',
    ],
    [{ cause: 'OUT' as const, day: 2, what: 'Tunnel gang' }, 'out with Tunnel gang, back Wed 2 Dec'],
    [
      { cause: 'PART' as const, day: 2_147_483_647, what: 'Plug P-60' },
      'Plug P-60 is not on the shelf and not on order',
    ],
    [{ cause: 'SOAK' as const, day: 1, what: 'the loop' }, 'the loop lies in the oil overnight first'],
    [{ cause: 'NONE' as const, day: 0 }, 'the minutes are not enough'],
  ])('says what a saw waits for', (until, words) => {
    expect(untilWords(until, '2026-11-30').replace(',', ',').replace('Wed, 2 Dec', 'Wed 2 Dec')).toBe(words);
  });

  it('says a way out with what it costs', () => {
    const way = { tag: '07', minutes: 20, inTime: true, lacks: [] as Schemas['Lack'][] };
    expect(wayWords({ ...way, kind: 'TAKE_OTHER', minutes: 0, lacks: ['BAR'], barMm: 330.2 })).toBe(
      'Take 07: fit by then, with its 13 in.',
    );
    expect(wayWords({ ...way, kind: 'ORDER', what: 'Plug P-60', day: '2020-01-01' })).toBe(
      'Get Plug P-60 for 07 by today: 20 min at the bench.',
    );
    expect(
      wayWords({ ...way, kind: 'ORDER', what: 'Loop', day: '2020-01-01', usualDays: 7, inTime: false }),
    ).toBe('Get Loop for 07 by today: 20 min at the bench. An order takes 7 days as a rule, too long.');
  });

  it('says how a booking and a day stand', () => {
    const booking = { missing: 1, candidates: 0, wanted: { saws: 2 } } as Schemas['PlanBooking'];
    expect(bookingWords(booking)).toBe('No saw of the fleet is of this kind.');
    expect(bookingWords({ ...booking, candidates: 1 })).toBe('1 short. The fleet has 1 of this kind.');
    expect(bookingWords({ ...booking, missing: 0 })).toBe('met');
    const day = { day: '2026-11-30', minutes: 120, planned: 84, done: 0, visits: [] };
    expect(dayMinutes(day)).toBe('84 of 120 min');
    expect(dayMinutes({ ...day, done: 30 })).toBe('84 of 120 min left, 30 min done');
    expect(dayMinutes({ ...day, minutes: 0, planned: 0 })).toBe('no bench');
    expect(movedWords({ tag: '07', from: '2020-01-01' })).toBe('07 is left');
  });
});
