import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSignIn } from '../../api/queries';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Heading } from '../../parts/Heading';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { useMay } from '../../shell/person';
import { useSignOut } from '../../shell/signOut';
import { ROLE_MEANS, ROLES } from '../../words/people';
import { ChangePassword } from './ChangePassword';

/** Who is signed in here, and what is theirs to change: password and PIN. */
export default function AccountScreen() {
  const { data: state } = useSignIn();
  const signOut = useSignOut();
  const keepsPeople = useMay('/api/people');
  const [changed, setChanged] = useState('');
  const me = state?.me;
  if (!me) return null;
  return (
    <>
      <title>{`${me.name} – Yellow Tally`}</title>
      <Box sx={{ mt: 2, mb: 2, display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Box sx={{ flexGrow: 1, minWidth: 0 }}>
          <Heading level={1}>{me.name}</Heading>
          <div>
            {ROLES[me.role]}, signs in as <b>{me.signInName}</b>
            {state.device && <> on {state.device.name}</>}. {ROLE_MEANS[me.role]}
          </div>
        </Box>
        <Button variant="contained" onClick={() => void signOut()}>
          {state.device?.shared ? 'Change over' : 'Sign out'}
        </Button>
      </Box>
      {keepsPeople && (
        <Box sx={{ mb: 2 }}>
          <Link to="/people">People, crews and devices</Link>
        </Box>
      )}
      <Box role="status" sx={{ fontWeight: 600, minHeight: 24, mb: 1 }}>
        {changed}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 320px), 1fr))',
          maxWidth: 900,
        }}
      >
        <Panel title="Password">
          <ChangePassword
            now="Password that you have now"
            onDone={() => setChanged('The password is changed. Other devices are signed out.')}
          />
        </Panel>
        <Panel title="PIN for shared devices">
          <ChangePin
            has={me.pin}
            onDone={(kept) => setChanged(kept ? 'The PIN is set.' : 'The PIN is taken away.')}
          />
        </Panel>
      </Box>
    </>
  );
}

function ChangePin({ has, onDone }: { has: boolean; onDone: (kept: boolean) => void }) {
  const [away, setAway] = useState(false);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/account/pin',
    params: {},
    start: { now: '', pin: '' },
    body: ({ now, pin }) => ({ now, ...(away ? {} : { pin }) }),
    onDone: () => {
      onDone(!away);
      setAway(false);
    },
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
        {has
          ? 'You have one. On a shared device you change over by it.'
          : 'You have none. With one you change over on a shared device in a moment.'}
      </Box>
      <FormField
        control={control}
        name="now"
        label="Your password"
        type="password"
        inputProps={{ autoComplete: 'current-password' }}
      />
      {!away && (
        <FormField
          control={control}
          name="pin"
          label={has ? 'New PIN' : 'PIN'}
          type="password"
          inputMode="numeric"
          hint="Four to eight digits."
        />
      )}
      <ProblemNote sentences={besides} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="outlined" disabled={!ready}>
          {away ? 'Take the PIN away' : 'Set the PIN'}
        </Button>
        {has && (
          <Button variant="text" onClick={() => setAway(!away)}>
            {away ? 'Keep it' : 'No PIN any more'}
          </Button>
        )}
      </Box>
    </Box>
  );
}
