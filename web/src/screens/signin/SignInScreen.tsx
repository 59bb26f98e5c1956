import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useSignIn, useWrite } from '../../api/queries';
import { PersonPlate } from '../../parts/PersonPlate';
import { ProblemNote } from '../../parts/ProblemNote';
import { ROLES } from '../../words/people';
import { PasswordForm } from './PasswordForm';
import { PinForm } from './PinForm';
import { SignInSheet } from './SignInSheet';
import { useEnter } from './useEnter';

/** Who is here: by PIN on a shared device, by password anywhere, and with demo data by one click. */
export default function SignInScreen() {
  const { data: state } = useSignIn();
  const [password, setPassword] = useState(false);
  if (!state) return null;
  const byPin = state.pins.length > 0 && !password;
  return (
    <SignInSheet title={byPin ? 'Who is here?' : 'Sign in'} fleet={state.fleet} wide={byPin}>
      {byPin ? <PinForm people={state.pins} /> : <PasswordForm />}
      {state.pins.length > 0 && (
        <Button variant="text" onClick={() => setPassword(!password)} sx={{ mt: 1.5 }}>
          {byPin ? 'Sign in with a password' : 'Sign in with a PIN'}
        </Button>
      )}
      {state.demo.length > 0 && !byPin && <DemoAccounts accounts={state.demo} />}
    </SignInSheet>
  );
}

function DemoAccounts({ accounts }: { accounts: Schemas['DemoAccount'][] }) {
  const enter = useEnter();
  const write = useWrite('/api/sign-in', {});
  return (
    <Box component="section" aria-label="Demo fleet" sx={{ mt: 4 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        This is the demo fleet
      </Box>
      <Box sx={{ color: 'text.secondary', mb: 1.5 }}>
        Its people are made up and anybody may sign in as one of them: press a name. There are no such
        accounts in a fleet of your own.
      </Box>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 180px), 1fr))',
        }}
      >
        {accounts.map(({ name, role, signInName, password }) => (
          <li key={signInName}>
            <PersonPlate
              name={name}
              under={ROLES[role]}
              disabled={write.isPending}
              onClick={() => write.mutate({ signInName, password }, { onSuccess: enter })}
            />
          </li>
        ))}
      </Box>
      <ProblemNote sentences={write.error ? [write.error.message] : []} />
    </Box>
  );
}
