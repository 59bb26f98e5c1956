import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { useSigned } from '../../shell/signed';
import { momentOf } from '../../words/format';
import { packAmount, packLine } from '../../words/pack';
import { PackNotes, Short } from './PackNotes';

/** A line with its box; what went in as less than is wanted now is open again. */
export function PackEntry({
  booking,
  entry: { line, held, ticked },
  may,
}: {
  booking: string;
  entry: Schemas['PackEntry'];
  may: boolean;
}) {
  const { send, ready, error } = useSigned('/api/packs/{bookingId}/ticks', { path: { bookingId: booking } });
  const enough = ticked?.enough ?? false;
  const text = packLine(line);
  // What the hand said stands at once, until the list has come again.
  const stamp = ticked?.at;
  const [wish, setWish] = useState<{ packed: boolean; stamp: string | undefined }>();
  const shown = wish && wish.stamp === stamp && !held ? wish.packed : enough;
  const tick = (packed: boolean) => {
    setWish({ packed, stamp });
    send(
      { kind: line.kind, name: line.name, amount: packed ? line.amount : 0 },
      { onError: () => setWish(undefined) },
    );
  };
  const said = (
    <>
      <PackNotes line={line} />
      {held && <Short>held: it stays here until it is released</Short>}
      {ticked && !held && (
        <Box
          sx={(t) =>
            enough
              ? { color: 'text.secondary', fontSize: 13.5 }
              : { color: t.vars.palette.house.rust, fontSize: 14 }
          }
        >
          {enough
            ? `${ticked.by}, ${momentOf(ticked.at)}`
            : `${packAmount(line.kind, ticked.amount)} went in ${momentOf(ticked.at)}, more is wanted now`}
        </Box>
      )}
    </>
  );
  return (
    <Box sx={{ mb: 0.75 }}>
      {may ? (
        <Tick label={text} checked={shown} onChange={(packed) => ready && tick(packed)}>
          {said}
        </Tick>
      ) : (
        <Box sx={{ fontSize: 15, overflowWrap: 'anywhere' }}>
          {text}
          {said}
        </Box>
      )}
      <ProblemNote sentences={error ? [error.message] : []} />
    </Box>
  );
}
