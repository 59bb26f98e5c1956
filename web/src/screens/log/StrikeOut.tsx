import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';

/** Strikes a wrong record out, with the reason; it stays readable and counts no more. */
export function StrikeOut({ recordId }: { recordId: string }) {
  const [open, setOpen] = useState(false);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/records/{recordId}/strike',
    params: { path: { recordId } },
    start: { reason: '' },
    body: (typed) => typed,
  });
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
    <Box component="form" onSubmit={submit} sx={{ maxWidth: 520 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <Box sx={{ flexGrow: 1 }}>
          <FormField control={control} name="reason" label="Why it is struck out" autoFocus />
        </Box>
        <Button type="submit" variant="outlined" disabled={!ready}>
          Strike it out
        </Button>
      </Box>
      <ProblemNote sentences={besides} />
    </Box>
  );
}
