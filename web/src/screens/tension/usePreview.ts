import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Problem, Schemas } from '../../api/client';
import { sawPath, send } from '../../api/client';
import type { DraftReading } from './draft';
import { inputOf } from './draft';

const SETTLE_MS = 60;

/** Asks what a reading means, at typing speed; nothing is stored by it. */
export function usePreview(tag: string, work: Schemas['Work'], reading: DraftReading) {
  const question: Schemas['PreviewQuestion'] = { work, reading: inputOf(reading) };
  const asked = JSON.stringify(question);
  const settled = useSettled(asked);
  const query = useQuery<Schemas['PreviewAnswer'], Problem>({
    queryKey: ['preview', tag, settled],
    queryFn: ({ signal }) => send('POST', sawPath(tag, '/tension/preview'), JSON.parse(settled), signal),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
  // An answer to an older question may still be shown; it must not be acted on.
  const current = settled === asked && !query.isPlaceholderData && query.data !== undefined;
  return { answer: query.data, current, error: query.error };
}

function useSettled(value: string): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
