import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { SIGN_IN } from '../../api/queries';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';

/** Another password for who is signed in; whatever was signed in elsewhere with the one before ends. */
export function ChangePassword({ now, onDone }: { now: string; onDone?: () => void }) {
  const client = useQueryClient();
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/account/password',
    params: {},
    start: { now: '', password: '' },
    body: (typed) => typed,
    onDone: () => {
      void client.invalidateQueries({ queryKey: SIGN_IN });
      onDone?.();
    },
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.5, maxWidth: 420 }}>
      <FormField
        control={control}
        name="now"
        label={now}
        type="password"
        inputProps={{ autoComplete: 'current-password' }}
      />
      <FormField
        control={control}
        name="password"
        label="New password"
        type="password"
        hint="At least 10 characters. A few words are easy to remember."
        inputProps={{ autoComplete: 'new-password' }}
      />
      <ProblemNote sentences={besides} />
      <div>
        <Button type="submit" variant="outlined" disabled={!ready}>
          Change the password
        </Button>
      </div>
    </Box>
  );
}
