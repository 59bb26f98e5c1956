import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { TagPlate } from './Plate';

/** A line about a saw, its plate before it; without a tag the room for one stays. */
export function PlateLine({ tag, children }: { tag: string | undefined; children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(36px, auto) minmax(0, 1fr)',
        gap: 1,
        alignItems: 'center',
        fontSize: 14,
        py: 0.4,
      }}
    >
      <Box>{tag !== undefined && <TagPlate tag={tag} />}</Box>
      <Box sx={{ overflowWrap: 'anywhere' }}>{children}</Box>
    </Box>
  );
}
