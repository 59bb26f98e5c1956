import { useSyncExternalStore } from 'react';
import { usePeople } from '../api/queries';

const KEY = 'yellow-tally.person';
const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Who works at this browser: chosen once, named by every record until sign-in exists. */
export function usePerson() {
  const { data: people } = usePeople();
  const chosen = useSyncExternalStore(subscribe, () => localStorage.getItem(KEY));
  const known =
    people?.find((p) => p.id === chosen) ?? people?.find((p) => p.role === 'OFFICER') ?? people?.[0];
  const choose = (id: string) => {
    localStorage.setItem(KEY, id);
    listeners.forEach((l) => l());
  };
  return { people: people ?? [], person: known, choose };
}
