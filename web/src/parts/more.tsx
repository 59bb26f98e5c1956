import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useState } from 'react';

/** So many lines are read through at once; more are folded, filtered or shown as they are asked for. */
export const FEW = 12;

/**
 * The first of a long list, and more of it as it is asked for: a fleet of two hundred is no page of two hundred. Another question,
 * `asked`, begins at the first again.
 */
export function useSome<T>(rows: readonly T[], step: number, asked = ''): { some: T[]; more: ReactNode } {
  const [far, setFar] = useState({ asked, shown: step });
  const shown = far.asked === asked ? far.shown : step;
  const left = rows.length - shown;
  return {
    some: rows.slice(0, shown),
    more: left > 0 && (
      <Box sx={{ mt: 1.5, display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Button variant="outlined" onClick={() => setFar({ asked, shown: shown + step })}>
          Show {Math.min(step, left)} more
        </Button>
        <Box component="span" sx={{ color: 'text.secondary', fontSize: 14 }}>
          {shown} of {rows.length} shown
        </Box>
      </Box>
    ),
  };
}
