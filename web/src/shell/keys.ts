import type { RefObject } from 'react';
import { useLayoutEffect, useRef } from 'react';

type Keys = Record<string, () => void>;

interface Layer {
  keys: RefObject<Keys>;
  /** Asked only when no screen takes the key. */
  last: boolean;
}

const layers: Layer[] = [];

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

/** One listener for all, so that the order in which screens are fetched decides nothing: a screen's keys come before the shell's. */
function onKey(e: KeyboardEvent): void {
  if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented || typing(e.target)) return;
  if (document.querySelector('[role=dialog]')) return;
  const inOrder = [...layers].reverse();
  const layer = [...inOrder.filter((l) => !l.last), ...inOrder.filter((l) => l.last)].find(
    (l) => l.keys.current[e.key] !== undefined,
  );
  if (!layer) return;
  e.preventDefault();
  layer.keys.current[e.key]?.();
}

/**
 * Single keys of a screen. They rest while somebody types, and while a dialog is open. They work from the moment in which the
 * screen is seen, not a moment later: a quick hand must not press into nothing.
 *
 * @param last whether all others are asked first
 */
export function useKeys(keys: Keys, last = false): void {
  const latest = useRef(keys);
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    const layer = { keys: latest, last };
    if (layers.length === 0) window.addEventListener('keydown', onKey);
    layers.push(layer);
    return () => {
      layers.splice(layers.indexOf(layer), 1);
      if (layers.length === 0) window.removeEventListener('keydown', onKey);
    };
  }, [last]);
}
