import { useLayoutEffect, useRef } from 'react';

/** Whether a key belongs to a field that is being typed in. */
export function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.tagName === 'TEXTAREA' ||
      target.tagName === 'SELECT' ||
      (target.tagName === 'INPUT' && !['radio', 'checkbox'].includes((target as HTMLInputElement).type)))
  );
}

/**
 * Single keys of a screen. They rest while somebody types, and while a dialog is open. They work from the moment in which the
 * screen is seen, not a moment later: a quick hand must not press into nothing.
 */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys);
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || typing(e.target)) return;
      if (document.querySelector('[role=dialog]')) return;
      const action = latest.current[e.key];
      if (action) {
        e.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
