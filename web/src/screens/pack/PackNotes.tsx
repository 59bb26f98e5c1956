import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { packMissing, packNotes } from '../../words/pack';

/** What goes with a line: for which saws, what is missing. */
export function PackNotes({ line }: { line: Schemas['PackLine'] }) {
  const notes = packNotes(line).join(' · ');
  const missing = packMissing(line);
  return (
    <>
      {notes && <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{notes}</Box>}
      {missing && <Short>Short: {missing}</Short>}
    </>
  );
}

/** What is in the way. */
export function Short({ children }: { children: ReactNode }) {
  return (
    <Box sx={(t) => ({ color: t.vars.palette.house.rust, fontSize: 14, fontWeight: 600 })}>{children}</Box>
  );
}
