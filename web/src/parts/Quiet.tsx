import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A quiet line where a screen has nothing else to show: loading, empty. */
export function Quiet({ children }: { children: ReactNode }) {
  return (
    <Box role="status" sx={{ color: 'text.secondary', py: 3 }}>
      {children}
    </Box>
  );
}
