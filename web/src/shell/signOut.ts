import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Schemas } from '../api/client';
import { send } from '../api/client';
import { SIGN_IN } from '../api/queries';

/** Signs out, and lays the sign-in over what is shown. */
export function useSignOut() {
  const client = useQueryClient();
  return async () => {
    await send('/api/sign-out', {}, NOTHING);
    await client.invalidateQueries({ queryKey: SIGN_IN });
  };
}

/** The address takes no body; a write is JSON all the same. */
const NOTHING = {} as never;

const HANDS = ['pointerdown', 'keydown', 'touchstart'] as const;
const LOOK_MS = 10_000;

/** A shared device that no hand has touched for a while asks who is there: what comes next is another's. */
export function useAskAgain(state: Schemas['SignInView'] | undefined): void {
  const signOut = useSignOut();
  const shared = state?.device?.shared === true && state.me !== undefined;
  const quiet = state?.device?.asksAgainAfterMs ?? 0;
  useEffect(() => {
    if (!shared) return;
    let touched = Date.now();
    const hand = () => {
      touched = Date.now();
    };
    HANDS.forEach((what) => window.addEventListener(what, hand, { passive: true }));
    const timer = setInterval(() => {
      if (Date.now() - touched >= quiet) void signOut();
    }, LOOK_MS);
    return () => {
      HANDS.forEach((what) => window.removeEventListener(what, hand));
      clearInterval(timer);
    };
    // What signs out is another function each time and does the same.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shared, quiet]);
}
