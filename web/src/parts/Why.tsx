import Box from '@mui/material/Box';
import { Link } from 'react-router';

/** What the sections of the handbook are about. */
const ABOUT = {
  3: 'chain tension',
  4: 'the edge',
  5: 'the bar',
  6: 'the drive',
  7: 'oiling',
  8: 'brake and guards',
  9: 'engine and the rest',
  10: 'when a task is due',
  11: 'what holds a saw',
  12: 'how the finder thinks',
  14: 'how long parts last, and the stores',
};

export type Section = keyof typeof ABOUT;

/** Leads from what the program says to the page of the handbook that gives the reason. */
export function Why({ section }: { section: Section }) {
  return (
    <Box component="span" sx={{ typography: 'body2' }}>
      <Link to={`/handbook/${section}`} aria-label={`Why: handbook, ${ABOUT[section]}`}>
        Why
      </Link>
    </Box>
  );
}
