import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWrite } from '../../api/queries';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { useEnter } from './useEnter';

/** Name and password. */
export function PasswordForm() {
  const enter = useEnter();
  const [signInName, setName] = useState('');
  const [password, setPassword] = useState('');
  const write = useWrite('/api/sign-in', {});
  const ready = signInName.trim() !== '' && password !== '' && !write.isPending;
  return (
    <Box
      component="form"
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        if (ready) write.mutate({ signInName, password }, { onSuccess: enter });
      }}
      sx={{ display: 'grid', gap: 1.5 }}
    >
      <Field
        label="Name to sign in with"
        value={signInName}
        onChange={setName}
        autoFocus
        inputProps={{ autoComplete: 'username', autoCapitalize: 'none', spellCheck: false }}
      />
      <Field
        label="Password"
        type="password"
        value={password}
        onChange={setPassword}
        inputProps={{ autoComplete: 'current-password' }}
      />
      <ProblemNote sentences={write.error ? [write.error.message] : []} />
      <Button type="submit" variant="contained" disabled={!ready}>
        Sign in
      </Button>
    </Box>
  );
}
