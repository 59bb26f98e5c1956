import { useQueryClient } from '@tanstack/react-query';
import type { SyntheticEvent } from 'react';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

/** Where the hand is at work: no letter that happens to be pressed leaves these. */
const AT_WORK =
  /^\/(bench\/[^/]+|saws\/new|saws\/[^/]+\/(edit|tension|record|sharpen|oiling)|faults\/[^/]+)$/;

/** Whether a letter of the shell may lead away from a screen. */
export function leavesByLetter(pathname: string): boolean {
  return !AT_WORK.test(pathname);
}

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
