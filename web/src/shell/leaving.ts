import { useQueryClient } from '@tanstack/react-query';
import type { SyntheticEvent } from 'react';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

let working = 0;

/** The hand is at work on this screen: no letter that happens to be pressed leaves it. */
export function useAtWork(on = true): void {
  useEffect(() => {
    if (!on) return;
    working += 1;
    return () => {
      working -= 1;
    };
  }, [on]);
}

/** Whether a letter of the shell may lead away from what is shown. */
export const atWork = () => working > 0;

/** Whether something was typed here that nobody has saved; what filters or searches a view is not kept, so it is not missed. */
export function useUnsaved() {
  const { pathname } = useLocation();
  const client = useQueryClient();
  const typed = useRef(false);
  useEffect(() => {
    typed.current = false;
  }, [pathname]);
  useEffect(
    () =>
      client.getMutationCache().subscribe((event) => {
        if (event.type === 'updated' && event.action.type === 'success') typed.current = false;
      }),
    [client],
  );
  const onInput = (e: SyntheticEvent) => {
    if (!(e.target as Element).closest('[role=search], search')) typed.current = true;
  };
  return { onInput, unsaved: () => typed.current };
}
