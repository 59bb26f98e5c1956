import type { Schemas } from '../../api/client';

export type Change = Schemas['PlanChange'];

export const NOTHING: Change = { bookings: [], calledOff: [], minutes: [], wishes: [] };

/** Whether anything would be otherwise. */
export function changes(change: Change): boolean {
  return Object.values(change).some((part) => (part as unknown[]).length > 0);
}

/** With another wish for a saw; the last one counts. */
export function withWish(change: Change, wish: Schemas['WishInput']): Change {
  return { ...change, wishes: [...change.wishes.filter((one) => one.tag !== wish.tag), wish] };
}

/** With other minutes for a day. */
export function withMinutes(change: Change, said: Schemas['MinutesInput']): Change {
  return { ...change, minutes: [...change.minutes.filter((one) => one.day !== said.day), said] };
}

export function withBooking(change: Change, booking: Schemas['BookingInput']): Change {
  return { ...change, bookings: [...change.bookings.filter((one) => one.id !== booking.id), booking] };
}

/** Without a booking; one that is only tried is dropped. */
export function withoutBooking(change: Change, id: string): Change {
  return change.bookings.some((one) => one.id === id)
    ? { ...change, bookings: change.bookings.filter((one) => one.id !== id) }
    : { ...change, calledOff: [...change.calledOff, id] };
}
