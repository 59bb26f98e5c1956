import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Section } from './Why';
import { Why } from './Why';

interface Props {
  level: 1 | 2;
  id?: string;
  /** Section of the handbook that gives the reasons of what stands below, where it does. */
  why?: Section | undefined;
  children: ReactNode;
}

/** A heading with the way to its reasons beside it, not in it: a reader hears the heading alone. */
export function Heading({ level, id, why, children }: Props) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 1.5 }}>
      <Box component={`h${level}`} id={id} sx={{ typography: `h${level}`, m: 0 }}>
        {children}
      </Box>
      {why && <Why section={why} />}
    </Box>
  );
}
