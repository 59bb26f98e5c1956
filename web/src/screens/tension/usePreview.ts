import type { Schemas } from '../../api/client';
import { usePreviewed } from '../../api/queries';
import type { DraftReading } from './draft';
import { inputOf } from './draft';

/** Asks what a reading means, at typing speed; nothing is stored by it. */
export function usePreview(tag: string, work: Schemas['Work'], reading: DraftReading) {
  return usePreviewed(
    '/api/saws/{tag}/tension/preview',
    { path: { tag } },
    { work, reading: inputOf(reading) },
  );
}
