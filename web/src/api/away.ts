import type { Query } from '@tanstack/react-query';
import { Problem } from './problem';

const SOON_MS = 3_000;

/** The server did not answer, or not for itself. */
export const isAway = (e: unknown) => !(e instanceof Problem) || e.status === 0 || e.status >= 502;

/** Asks again soon while the server is away, so that a screen recovers by itself; else as often as is told. */
export function soonIfAway(usualMs?: number) {
  return (query: Query<never, never, never, never> | { state: { error: unknown } }): number | false =>
    query.state.error !== null && isAway(query.state.error) ? SOON_MS : (usualMs ?? false);
}
