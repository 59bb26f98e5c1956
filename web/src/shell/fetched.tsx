import { Loading } from '../parts/Loading';
import type { ComponentType } from 'react';
import { useEffect, useState } from 'react';
import { ProblemNote } from '../parts/ProblemNote';
import { words } from '../words/en';
import { loadAnew } from './loadAnew';

type Load<P> = () => Promise<{ default: ComponentType<P> }>;

const AGAIN_MS = 2_000;

const loads: (() => Promise<unknown>)[] = [];

/**
 * A screen, or what lies over one, whose script is fetched when it is first wanted. Where the server is away, it says so and comes by itself when it is
 * back; where the server is another release by now, the page is loaded anew.
 */
export function fetched<P extends object>(load: Load<P>): ComponentType<P> {
  let Ready: ComponentType<P> | undefined;
  const keep = () =>
    load().then((module) => {
      Ready = module.default;
      return module;
    });
  loads.push(keep);
  return function Fetched(props) {
    const [state, setState] = useState<'coming' | 'ready' | 'away'>(Ready ? 'ready' : 'coming');
    useEffect(() => {
      if (state !== 'coming') return;
      let gone = false;
      keep().then(
        () => gone || setState('ready'),
        () => gone || setState('away'),
      );
      return () => {
        gone = true;
      };
    }, [state]);
    useEffect(() => {
      if (state !== 'away') return;
      // What a browser could not fetch once it does not ask for again: only a fresh page does.
      const timer = setInterval(() => void loadAnew(), AGAIN_MS);
      return () => clearInterval(timer);
    }, [state]);
    if (Ready) return <Ready {...props} />;
    return state === 'away' ? <ProblemNote sentences={words.screenAway} /> : <Loading />;
  };
}

/** Fetches all screens while nobody waits, so that one opens at once later, also where the server is away by then. */
export async function fetchAhead(): Promise<void> {
  for (const load of loads) {
    try {
      await load();
    } catch {
      return;
    }
  }
}
