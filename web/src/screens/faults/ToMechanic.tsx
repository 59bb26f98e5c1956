import type { Wrong } from '../../api/problem';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Field } from '../../parts/Field';
import type { FaultAct } from './useFaultAct';

/** Gives a fault to a qualified mechanic, saying where it goes. */
export function ToMechanic({ act, problem }: { act: FaultAct; problem: Wrong | undefined }) {
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState('');
  return open ? (
    <Box
      component="form"
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        void act('/api/faults/{id}/mechanic', { note });
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}
    >
      <Box sx={{ width: 260 }}>
        <Field
          label="Where it goes, and what is known"
          autoFocus
          value={note}
          onChange={setNote}
          problem={problem}
        />
      </Box>
      <Button type="submit" variant="outlined">
        Hand it to a mechanic
      </Button>
    </Box>
  ) : (
    <Button variant="outlined" onClick={() => setOpen(true)}>
      Hand it to a mechanic
    </Button>
  );
}
