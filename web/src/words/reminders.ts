import type { Schemas } from '../api/client';
import { list } from './format';
import { lower, named, planDay } from './planned';

type Reminder = Schemas['ReminderView'];

/** What has to be told, in a sentence. */
export function reminderWords(reminder: Reminder): string {
  const { about, day, what, missing, booking } = reminder;
  const on = day === undefined ? '' : planDay(day);
  switch (reminder.kind) {
    case 'BOOKING_SHORT': {
      const crew = booking ? booking.crew : 'A crew';
      const at = booking ? ` ${booking.at.slice(0, 5)}` : '';
      const of = booking ? ` of ${booking.saws}` : '';
      return `${crew}, ${on}${at}: ${missing}${of} short.`;
    }
    case 'STOCK_SHORT':
      return day === undefined
        ? `Saw ${about} waits for ${what ?? 'a part'}: nobody can say when it comes.`
        : `Saw ${about} waits for ${what ?? 'a part'}: it is not there ${on}.`;
    case 'AWAY_OVERDUE':
      return `Saw ${about} was expected back from ${what ?? 'the mechanic'} ${on}.`;
    case 'PARTS_OVERDUE':
      return `${what ?? 'A part'}: expected back from ${about} ${on}.`;
    case 'SOAK_TONIGHT':
      return `Into the oil this evening: ${what ?? 'its loop'}, for saw ${about}, wanted ${on}.`;
    case 'DUE_TOMORROW':
      return `Saw ${about}: ${list(
        reminder.tasks.map((task) => lower(named(task))),
        'and',
      )} due tomorrow (est.).`;
  }
}

/** Where it is dealt with. */
export function reminderPlace({ kind, about }: Reminder): { to: string; name: string } {
  switch (kind) {
    case 'BOOKING_SHORT':
      return { to: '/plan', name: 'To the plan' };
    case 'STOCK_SHORT':
    case 'PARTS_OVERDUE':
      return { to: '/stores', name: 'To the stores' };
    case 'AWAY_OVERDUE':
    case 'SOAK_TONIGHT':
    case 'DUE_TOMORROW':
      return { to: `/saws/${about}`, name: `To saw ${about}` };
  }
}

export const REMINDER_TITLES: Record<Schemas['ReminderKind'], string> = {
  BOOKING_SHORT: 'A booking is short',
  STOCK_SHORT: 'A part is missing',
  AWAY_OVERDUE: 'Overdue from a mechanic',
  PARTS_OVERDUE: 'Parts overdue',
  SOAK_TONIGHT: 'Into the oil this evening',
  DUE_TOMORROW: 'Due tomorrow',
};
