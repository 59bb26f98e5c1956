import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** What went wrong, in a sentence, where the eye is. */
export function ProblemNote({ sentences, children }: { sentences: string[]; children?: ReactNode }) {
  if (sentences.length === 0) return null;
  return (
    <Box
      role="alert"
      sx={(t) => ({
        borderLeft: `4px solid ${t.vars.palette.house.rust}`,
        background: t.vars.palette.background.paper,
        px: 2,
        py: 1.25,
        my: 1.5,
      })}
    >
      {sentences.map((s) => (
        <div key={s}>{s}</div>
      ))}
      {children}
    </Box>
  );
}
