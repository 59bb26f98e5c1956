import { expect, test } from 'vitest';
import { reminderPlace, reminderWords } from './reminders';

const nothing = { missing: 0, tasks: [] };

test.each([
  [
    {
      kind: 'BOOKING_SHORT' as const,
      about: 'b',
      day: '2037-03-04',
      ...nothing,
      missing: 2,
      booking: { crew: 'Tunnel gang', at: '07:00:00', saws: 3 },
    },
    /^Tunnel gang, .*4 Mar.* 07:00: 2 of 3 short\.$/,
    '/plan',
  ],
  [
    { kind: 'STOCK_SHORT' as const, about: '12', what: 'Loop .325', ...nothing },
    /^Saw 12 waits for Loop \.325: nobody can say when it comes\.$/,
    '/stores',
  ],
  [
    { kind: 'STOCK_SHORT' as const, about: '12', what: 'Loop .325', day: '2037-03-04', ...nothing },
    /^Saw 12 waits for Loop \.325: it is not there .*4 Mar.*\.$/,
    '/stores',
  ],
  [
    { kind: 'AWAY_OVERDUE' as const, about: '20', what: 'Hob Lane', day: '2037-03-04', ...nothing },
    /^Saw 20 was expected back from Hob Lane .*4 Mar.*\.$/,
    '/saws/20',
  ],
  [
    {
      kind: 'PARTS_OVERDUE' as const,
      about: 'Hob Lane',
      what: 'YC-4, YC-9',
      day: '2037-03-04',
      ...nothing,
    },
    /^YC-4, YC-9: expected back from Hob Lane .*4 Mar.*\.$/,
    '/stores',
  ],
  [
    { kind: 'SOAK_TONIGHT' as const, about: '09', what: 'Loop .325', day: '2037-03-04', ...nothing },
    /^Into the oil this evening: Loop \.325, for saw 09, wanted .*4 Mar.*\.$/,
    '/saws/09',
  ],
  [
    {
      kind: 'DUE_TOMORROW' as const,
      about: '03',
      ...nothing,
      tasks: ['AIR_FILTER', 'PLUG'] as ('AIR_FILTER' | 'PLUG')[],
    },
    /^Saw 03: air filter and plug due tomorrow \(est\.\)\.$/,
    '/saws/03',
  ],
])('%o', (reminder, words, to) => {
  expect(reminderWords(reminder)).toMatch(words);
  expect(reminderPlace(reminder).to).toBe(to);
});
