import Box from '@mui/material/Box';
import { useFaultsOfSaw } from '../../api/queries';
import { FaultRow } from '../faults/FaultRow';

const CLOSED_SHOWN = 3;

/** Complaints about this saw: the open ones, and the last that were closed. */
export function SawFaults({ tag }: { tag: string }) {
  const { data } = useFaultsOfSaw(tag);
  if (!data || data.length === 0) return null;
  const open = data.filter((f) => f.stage !== 'CLOSED');
  const closed = data.filter((f) => f.stage === 'CLOSED').slice(0, CLOSED_SHOWN);
  return (
    <Box component="section" aria-label="Faults" sx={{ mt: 3 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        Faults
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {[...open, ...closed].map((fault) => (
          <FaultRow key={fault.id} fault={fault} withTag={false} />
        ))}
      </Box>
    </Box>
  );
}
