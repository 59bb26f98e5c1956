import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { gathered } from './gathered';
import { LogLine } from './LogLine';

/** Records as lines, latest first; so many of them at most. */
export function LogLines({
  entries,
  withTag,
  most,
}: {
  entries: Schemas['LogEntry'][];
  withTag: boolean;
  most?: number;
}) {
  return (
    <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {gathered(entries)
        .slice(0, most)
        .map((line) => (
          <LogLine key={line.entry.kind + line.entry.id} line={line} withTag={withTag} />
        ))}
    </Box>
  );
}
