import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import type { SignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';

/** One act of the book of the stores: its fields, what is refused of them together, and the key that does it. */
export function BookForm<V extends FieldValues>({
  form,
  act,
  children,
}: {
  form: Pick<SignedForm<V>, 'submit' | 'besides' | 'ready'>;
  act: string;
  children: ReactNode;
}) {
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      {children}
      <ProblemNote sentences={form.besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!form.ready}>
        {act}
      </Button>
    </Box>
  );
}
