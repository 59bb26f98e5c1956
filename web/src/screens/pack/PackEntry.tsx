import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { useSigned } from '../../shell/signed';
import { momentOf } from '../../words/format';
import { packAmount, packLine } from '../../words/pack';
import { PackNotes } from './PackNotes';

/** A line with its box; what went in as less than is wanted now is open again. */
export function PackEntry({
  booking,
  entry: { line, ticked },
  may,
}: {
  booking: string;
  entry: Schemas['PackEntry'];
  may: boolean;
}) {
  const { send, ready, error } = useSigned('/api/packs/{bookingId}/ticks', { path: { bookingId: booking } });
  const enough = ticked?.enough ?? false;
  const text = packLine(line);
  const tick = (packed: boolean) =>
    send({ kind: line.kind, name: line.name, amount: packed ? line.amount : 0 });
  return (
    <Box
      sx={(t) => ({
        py: 0.75,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
        overflowWrap: 'anywhere',
      })}
    >
      {may ? (
        <Tick label={text} checked={enough} onChange={(packed) => ready && tick(packed)} />
      ) : (
        <Box sx={{ fontSize: 15 }}>{text}</Box>
      )}
      <PackNotes line={line} />
      {ticked && (
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
      <ProblemNote sentences={error ? [error.message] : []} />
    </Box>
  );
}
