import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { useFaultAct } from './useFaultAct';

const NEAREST_SHOWN = 4;

/** A complaint that was told in words: which of those that are known it is, the nearest first. */
export function Sort({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, problem, pending } = useFaultAct(fault);
  const [all, setAll] = useState(false);
  // Words that nobody knows are near to nothing: then all are shown.
  const most = fault.near === 0 ? fault.nearest.length : Math.min(fault.near, NEAREST_SHOWN);
  const shown = all ? fault.nearest : fault.nearest.slice(0, most);
  return (
    <Box component="section" aria-label="Which complaint is it" sx={{ display: 'grid', gap: 1.5 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        Which complaint is it?
      </Box>
      <Box sx={{ fontSize: 17 }}>
        {fault.near > 0 ? 'Nearest by its words first. ' : ''}Then the finder asks for its cause.
      </Box>
      <ProblemNote sentences={problem ? [problem.message] : []} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {shown.map((choice) => (
          <Button
            key={choice.code}
            variant="outlined"
            disabled={pending}
            onClick={() => void act('/api/faults/{id}/sort', { complaint: choice.code })}
            sx={(t) => ({
              flex: '1 1 220px',
              minHeight: 60,
              fontSize: 17,
              background: t.vars.palette.background.paper,
            })}
          >
            {choice.title}
            {choice.holds && ' (holds the saw)'}
          </Button>
        ))}
      </Box>
      {!all && fault.nearest.length > most && (
        <Box>
          <Button variant="text" onClick={() => setAll(true)}>
            Show all {fault.nearest.length}
          </Button>
        </Box>
      )}
    </Box>
  );
}
