import { soonIfAway } from './away';
import { useAsked } from './queries';

/** What each gang takes along, in short. */
export const usePacks = () => useAsked('/api/packs', {});
/** A pack; several hands may tick at once. */
export const usePack = (bookingId: string) =>
  useAsked('/api/packs/{bookingId}', { path: { bookingId } }, { refetchInterval: soonIfAway(15_000) });
/** What is laid out for each day of the plan. */
export const useLayOut = () => useAsked('/api/lay-out', {});
