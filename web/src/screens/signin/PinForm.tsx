import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/queries';
import { PersonPlate } from '../../parts/PersonPlate';
import { ProblemNote } from '../../parts/ProblemNote';
import { figures } from '../../theme';
import { useEnter } from './useEnter';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
const LONGEST = 8;

/** Who of those with a PIN is here: a plate is taken, and its digits are pressed, by thumb or by key. */
export function PinForm({ people }: { people: Schemas['Named'][] }) {
  const [person, setPerson] = useState<Schemas['Named'] | undefined>();
  if (person) return <PinPad key={person.id} person={person} onBack={() => setPerson(undefined)} />;
  return (
    <Box
      component="ul"
      aria-label="People with a PIN"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        display: 'grid',
        gap: 1,
        gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 190px), 1fr))',
      }}
    >
      {people.map((one) => (
        <li key={one.id}>
          <PersonPlate name={one.name} onClick={() => setPerson(one)} />
        </li>
      ))}
    </Box>
  );
}

function PinPad({ person, onBack }: { person: Schemas['Named']; onBack: () => void }) {
  const enter = useEnter();
  const [pin, setPin] = useState('');
  const write = useWrite('/api/sign-in/pin', {});
  const add = (digit: string) => setPin((typed) => (typed + digit).slice(0, LONGEST));
  const submit = () => {
    if (pin.length < 4 || write.isPending) return;
    write.mutate({ personId: person.id, pin }, { onSuccess: enter, onError: () => setPin('') });
  };
  const byKey = (e: React.KeyboardEvent) => {
    if (/^[0-9]$/.test(e.key)) add(e.key);
    else if (e.key === 'Backspace') setPin((typed) => typed.slice(0, -1));
    // Whatever digit was pressed last has the focus still: Enter signs in and does not press it again.
    else if (e.key === 'Enter' && pin.length >= 4) submit();
    else return;
    e.preventDefault();
  };
  return (
    <Box
      component="form"
      aria-label={`PIN of ${person.name}`}
      onKeyDown={byKey}
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        submit();
      }}
      sx={{ display: 'grid', gap: 1.25, maxWidth: 320 }}
    >
      <PersonPlate name={person.name} under="Not you?" onClick={onBack} />
      <Box
        role="status"
        aria-label={`${pin.length} digits`}
        sx={{ ...figures, fontSize: 30, minHeight: 40, letterSpacing: 8, textAlign: 'center' }}
      >
        {'•'.repeat(pin.length)}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
        {DIGITS.map((digit) => (
          <Digit key={digit} digit={digit} onPress={add} first={digit === '1'} />
        ))}
        <Button
          variant="outlined"
          onClick={() => setPin((typed) => typed.slice(0, -1))}
          sx={{ minHeight: 56 }}
        >
          Back
        </Button>
        <Digit digit="0" onPress={add} />
        <Button type="submit" variant="contained" disabled={pin.length < 4 || write.isPending}>
          Sign in
        </Button>
      </Box>
      <ProblemNote sentences={write.error ? [write.error.message] : []} />
    </Box>
  );
}

function Digit({
  digit,
  onPress,
  first = false,
}: {
  digit: string;
  onPress: (digit: string) => void;
  first?: boolean;
}) {
  return (
    <Button
      variant="outlined"
      autoFocus={first}
      onClick={() => onPress(digit)}
      sx={{ ...figures, fontSize: 24, minHeight: 56 }}
    >
      {digit}
    </Button>
  );
}
