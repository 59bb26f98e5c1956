import { expect, test } from 'vitest';
import { placeOf, ROOMS } from './rooms';

test.each([
  ['plan.days', 'schedule', 'The plan'],
  ['away.sure', 'wear', 'Repair or replace'],
  ['repair.minutes.band', 'schedule', 'Small repairs'],
  ['minutes.quick', 'schedule', 'Minutes taken'],
  ['schedule.weight.hard', 'schedule', 'What weighs more'],
  ['tension.anything', 'tension', 'All else'],
  ['nobody.thought.of', 'house', 'All else'],
])('%s has a place', (key, room, group) => {
  expect(placeOf(key).room.id).toBe(room);
  expect(placeOf(key).group.title).toBe(group);
});

test('every place is in its room', () => {
  for (const key of ['plan.days', 'nobody.thought.of']) {
    const { room, group } = placeOf(key);
    expect(ROOMS.find(({ id }) => id === room.id)?.groups).toContain(group);
  }
});
