import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A caution, short, where the hand is about to do it. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Box
      role="note"
      sx={(t) => ({
        borderLeft: `4px solid ${t.vars.palette.house.tag}`,
        background: t.vars.palette.background.paper,
        px: 1.5,
        py: 1,
        fontSize: 15,
      })}
    >
      {children}
    </Box>
  );
}
