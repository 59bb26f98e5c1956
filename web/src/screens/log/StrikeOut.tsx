import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../parts/Field';
import { usePerson } from '../../shell/person';

/** Strikes a wrong record out, with the reason; it stays readable and counts no more. */
export function StrikeOut({ recordId }: { recordId: string }) {
  const { person } = usePerson();
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const [id, setId] = useState(newId);
  const write = useWrite('/api/records/{recordId}/strike', { path: { recordId } });
  if (!open) {
    return (
      <Button
        variant="text"
        size="small"
        sx={{ p: 0, minHeight: 28, fontSize: 13 }}
        onClick={() => setOpen(true)}
      >
        Strike out
      </Button>
    );
  }
  return (
    <Box
      component="form"
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        if (person) {
          write.mutate({ id, personId: person.id, reason }, { onSettled: () => setId(newId()) });
        }
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'end', maxWidth: 520 }}
    >
      <Box sx={{ flexGrow: 1 }}>
        <Field
          label="Why it is struck out"
          autoFocus
          value={reason}
          onChange={setReason}
          problem={write.error?.at('reason') ?? write.error?.message}
        />
      </Box>
      <Button type="submit" variant="outlined" disabled={write.isPending}>
        Strike it out
      </Button>
    </Box>
  );
}
