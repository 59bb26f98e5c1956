import { useEffect, useState } from 'react';

/** Something half typed that outlives a closed browser: kept here until it is saved. */
export function useKept<T>(key: string, fresh: () => T, begun: (value: T) => boolean) {
  const storeKey = `yellow-tally.${key}`;
  const [value, setValue] = useState<T>(() => {
    const kept = localStorage.getItem(storeKey);
    return kept ? (JSON.parse(kept) as T) : fresh();
  });
  const keep = begun(value);
  useEffect(() => {
    if (keep) localStorage.setItem(storeKey, JSON.stringify(value));
  }, [storeKey, value, keep]);
  const forget = () => localStorage.removeItem(storeKey);
  return { value, setValue, forget };
}
