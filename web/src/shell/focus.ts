import { useEffect, useRef } from 'react';

/** Puts the focus on a field whenever the hand is to begin there. */
export function useFocusOn(here: boolean) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (here) field.current?.focus();
  }, [here]);
  return field;
}
