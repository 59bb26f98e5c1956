import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Panel } from '../../parts/Panel';

const STEPS: { to: string; does: string; why: ReactNode }[] = [
  {
    to: '/settings',
    does: 'Choose units and the house method',
    why: 'Millimetres or inches, litres or gallons, and the one way in which everybody reads tension.',
  },
  {
    to: '/people',
    does: 'Add the crews, and who else signs in',
    why: 'Operators take saws out and back and work at the bench; every record names who was signed in.',
  },
  {
    to: '/saws/new',
    does: 'Add your saws',
    why: 'The first one’s card is typed once, the others are like it. What the notebook tells of each counts from then.',
  },
  {
    to: '/bench',
    does: 'Take it to the bench',
    why: 'Nothing unproven goes out: its first visit looks it over, tests the brake and reads the chain.',
  },
  {
    to: '/stores',
    does: 'Add spare parts and oil to the stores',
    why: 'Then the program says what will run out, and when.',
  },
  {
    to: '/crews',
    does: 'Issue it to a crew',
    why: 'What it burned comes back with it; from then on the schedule counts.',
  },
];

/** An empty board: what to do first, in this order. */
export function FirstSteps() {
  return (
    <Box sx={{ maxWidth: 760, py: 3 }}>
      <Panel title="No saw hangs here yet. First steps">
        <Box component="ol" sx={{ m: 0, pl: 3, display: 'grid', gap: 1.5 }}>
          {STEPS.map(({ to, does, why }) => (
            <li key={to}>
              <Box component={Link} to={to} sx={{ fontWeight: 600 }}>
                {does}
              </Box>
              <Box sx={{ color: 'text.secondary' }}>{why}</Box>
            </li>
          ))}
        </Box>
      </Panel>
    </Box>
  );
}
