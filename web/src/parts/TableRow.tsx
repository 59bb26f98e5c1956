import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A line of a table: a saw and what is said of it. */
export function TableRow({ children }: { children: ReactNode }) {
  return (
    <Box
      component="tr"
      sx={(t) => ({
        '& td, & th': {
          borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
          py: 0.9,
          pr: 1.25,
          verticalAlign: 'middle',
          fontWeight: 400,
        },
      })}
    >
      {children}
    </Box>
  );
}
