import { afterEach, describe, expect, it } from 'vitest';
import { daysApart, fleetDay, momentTyped, today, typedMoment } from './days';
import { dayAhead, dayOf, timeOf } from './format';
import { writeAs } from './house';

afterEach(() => writeAs({}));

/** Three in the afternoon at Greenwich is the next morning in the east, and still early in the west. */
const NOW = new Date('2026-11-28T15:00:00Z');

describe('days of the fleet, wherever the device lies', () => {
  it.each([
    ['Pacific/Auckland', '2026-11-29', '04:00', '2026-11-29T04:00'],
    ['Europe/London', '2026-11-28', '15:00', '2026-11-28T15:00'],
    ['America/Los_Angeles', '2026-11-28', '07:00', '2026-11-28T07:00'],
  ])('in %s', (zone, day, time, typed) => {
    writeAs({ zone });
    expect(today(NOW)).toBe(day);
    expect(timeOf(NOW.toISOString())).toBe(time);
    expect(typedMoment(NOW.toISOString())).toBe(typed);
    expect(momentTyped(typed)).toBe(NOW.toISOString());
    expect(dayOf(NOW.toISOString(), NOW)).toBe('today');
    expect(dayAhead(day, NOW)).toBe('today');
    expect(dayAhead('2026-12-14', NOW)).toBe('14 Dec');
  });

  it('begin at midnight there, also where the clocks change', () => {
    writeAs({ zone: 'Europe/London' });
    expect(fleetDay('2026-03-29').toISOString()).toBe('2026-03-29T00:00:00.000Z');
    expect(fleetDay('2026-03-29', 1).toISOString()).toBe('2026-03-29T23:00:00.000Z');
    expect(daysApart(fleetDay('2026-03-28'), fleetDay('2026-03-30'))).toBe(2);
  });

  it('keep the seconds of a moment that was not changed', () => {
    const before = '2026-11-28T15:00:42Z';
    expect(momentTyped(typedMoment(before), before)).toBe(before);
    expect(momentTyped('')).toBe('');
  });
});
