import { useEffect, useState } from 'react';
import { house } from '../words/house';

/** Something half typed that outlives a closed browser: kept here until it is saved. */
export function useKept<T>(key: string, fresh: () => T, begun: (value: T) => boolean) {
  // A bare figure means what its label said: what was typed in other units is not read in these.
  const { lengthUnit, volumeUnit } = house();
  const units = [lengthUnit === 'INCH' ? '.in' : '', volumeUnit === 'US_GALLON' ? '.gal' : ''].join('');
  const storeKey = `yellow-tally.${key}${units}`;
  const [value, setValue] = useState<T>(() => {
    try {
      const kept = localStorage.getItem(storeKey);
      return kept ? (JSON.parse(kept) as T) : fresh();
    } catch {
      // What cannot be read must not keep the screen from opening, today and for ever.
      return fresh();
    }
  });
  const keep = begun(value);
  useEffect(() => {
    if (keep) localStorage.setItem(storeKey, JSON.stringify(value));
  }, [storeKey, value, keep]);
  const forget = () => localStorage.removeItem(storeKey);
  return { value, setValue, forget };
}
