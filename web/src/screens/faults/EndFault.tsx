import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Field, Pick } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { useFaultAct } from './useFaultAct';

type Why = 'UNCONFIRMED' | 'MISTAKE';

/** The officer's end of a complaint that nobody can confirm, or that was entered by mistake. */
export function EndFault({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, problem, pending } = useFaultAct(fault);
  const [open, setOpen] = useState(false);
  const [why, setWhy] = useState<Why>('UNCONFIRMED');
  const [note, setNote] = useState('');
  if (fault.stage === 'CLOSED') return null;
  if (!open) {
    return (
      <Box>
        <Button variant="text" onClick={() => setOpen(true)}>
          End it without a cause
        </Button>
      </Box>
    );
  }
  return (
    <Box component="section" aria-label="End without a cause" sx={{ display: 'grid', gap: 1, maxWidth: 520 }}>
      <Pick
        label="How it ends"
        value={why}
        options={[
          { value: 'UNCONFIRMED', label: 'Not confirmed' },
          { value: 'MISTAKE', label: 'Entered by mistake' },
        ]}
        onChange={setWhy}
      />
      <Field
        label="Why"
        value={note}
        onChange={setNote}
        problem={problem?.at('note')}
        hint="What was complained of has to pass its test first"
      />
      <ProblemNote sentences={problem ? problem.besides(['note']) : []} />
      <Box>
        <Button
          variant="outlined"
          disabled={pending}
          onClick={() => void act('/api/faults/{id}/end', { mistake: why === 'MISTAKE', note })}
        >
          End the complaint
        </Button>
      </Box>
    </Box>
  );
}
