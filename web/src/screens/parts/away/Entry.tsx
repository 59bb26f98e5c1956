import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** Parts that are dealt with together, in a list of such. */
export function Entry({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <Box
      component="li"
      sx={(t) => ({
        borderTop: `1px solid ${t.vars.palette.house.hairline}`,
        py: 1,
        overflowWrap: 'anywhere',
      })}
    >
      {title && <Box sx={{ fontWeight: 600 }}>{title}</Box>}
      {children}
    </Box>
  );
}
