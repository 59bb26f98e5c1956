import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A part of a form with its heading. */
export function Sheet({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="section"
      aria-label={title}
      sx={(t) => ({
        background: t.vars.palette.background.paper,
        border: `1px solid ${t.vars.palette.house.hairline}`,
        borderRadius: '8px',
        p: 2,
        mb: 2,
      })}
    >
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1.5 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}
