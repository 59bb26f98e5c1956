import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useAccess, usePeople } from '../../api/queries';
import { optionsOf } from '../../parts/Field';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FEW, useSome } from '../../parts/more';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { useSigned } from '../../shell/signed';
import { ROLES } from '../../words/people';

type Person = Schemas['PersonView'];
type Access = Schemas['AccessView'];

/** Everybody, who left last; one of them opened to be changed. */
export function PeopleList() {
  const { data: people = [] } = usePeople();
  const { data: access = [] } = useAccess();
  const [open, setOpen] = useState<string | undefined>();
  const here = people.filter((person) => !person.leftOn);
  const left = people.filter((person) => person.leftOn);
  const { some, more } = useSome([...here, ...left], FEW);
  return (
    <Panel title="People">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {some.map((person) => (
          <Box
            component="li"
            key={person.id}
            sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 1 })}
          >
            <Line
              person={person}
              access={access.find((one) => one.personId === person.id)}
              open={open === person.id}
              onOpen={() => setOpen(open === person.id ? undefined : person.id)}
            />
            {open === person.id && (
              <Change
                key={`${person.name} ${person.role}`}
                person={person}
                access={access.find((one) => one.personId === person.id)}
                onDone={() => setOpen(undefined)}
              />
            )}
          </Box>
        ))}
      </Box>
      {more}
    </Panel>
  );
}

/** How somebody gets in, in a few words. */
function entry(person: Person, access: Access | undefined): string {
  if (person.leftOn) return 'left; stays in the records';
  if (!access) return 'cannot sign in';
  const pin = access.pinLocked ? 'PIN locked' : access.pin ? 'has a PIN' : 'no PIN';
  return `signs in as ${access.signInName}, ${access.oneTime ? 'first password not used yet' : pin}`;
}

function Line({
  person,
  access,
  open,
  onOpen,
}: {
  person: Person;
  access: Access | undefined;
  open: boolean;
  onOpen: () => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2 }}>
      <Box sx={{ fontWeight: 600, minWidth: 0, flex: '1 1 160px', overflowWrap: 'anywhere' }}>
        {person.name}
      </Box>
      <Box sx={{ flex: '0 0 90px' }}>{ROLES[person.role]}</Box>
      <Box sx={{ flex: '2 1 220px', color: 'text.secondary', fontSize: 14, minWidth: 0 }}>
        {entry(person, access)}
      </Box>
      <Button variant="text" aria-expanded={open} aria-label={`Change ${person.name}`} onClick={onOpen}>
        {open ? 'Close' : 'Change'}
      </Button>
    </Box>
  );
}

function Change({
  person,
  access,
  onDone,
}: {
  person: Person;
  access: Access | undefined;
  onDone: () => void;
}) {
  const me = usePerson();
  if (person.leftOn) return <TakeBack person={person} onDone={onDone} />;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 230px), 1fr))',
        alignItems: 'start',
        pt: 1,
        pb: 1.5,
      }}
    >
      <Rename person={person} onDone={onDone} />
      {me?.id !== person.id && <GiveAccess person={person} access={access} onDone={onDone} />}
    </Box>
  );
}

function Rename({ person, onDone }: { person: Person; onDone: () => void }) {
  const form = useSignedForm({
    path: '/api/people/{id}',
    params: { path: { id: person.id } },
    method: 'put',
    start: { name: person.name, role: person.role },
    body: ({ name, role }) => ({ name, role, nameBefore: person.name, roleBefore: person.role }),
    onDone,
  });
  const leave = useSigned('/api/people/{id}/leave', { path: { id: person.id } });
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1.25 }}>
      <FormField control={form.control} name="name" label="Name" />
      <FormPick
        control={form.control}
        name="role"
        label="May act as"
        options={optionsOf(ROLES)}
        hint="Another role signs them out once."
      />
      <ProblemNote sentences={[...form.besides, ...(leave.error ? [leave.error.message] : [])]} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="outlined" disabled={!form.ready}>
          Save
        </Button>
        <Button variant="text" disabled={!leave.ready} onClick={() => leave.send({}, { onSuccess: onDone })}>
          {person.name} has left
        </Button>
      </Box>
    </Box>
  );
}

function GiveAccess({
  person,
  access,
  onDone,
}: {
  person: Person;
  access: Access | undefined;
  onDone: () => void;
}) {
  const form = useSignedForm({
    path: '/api/people/{id}/access',
    params: { path: { id: person.id } },
    start: { signInName: access?.signInName ?? '', password: '' },
    body: (typed) => typed,
    onDone,
  });
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1.25 }}>
      <FormField
        control={form.control}
        name="signInName"
        label="Name to sign in with"
        inputProps={{ autoCapitalize: 'none', spellCheck: false }}
      />
      <FormField
        control={form.control}
        name="password"
        label={access ? 'New first password' : 'First password'}
        hint={
          access
            ? 'Ends what they are signed in to; they choose one of their own at the next sign-in.'
            : 'They choose one of their own at the first sign-in.'
        }
        inputProps={{ autoComplete: 'new-password' }}
      />
      <ProblemNote sentences={form.besides} />
      <div>
        <Button type="submit" variant="outlined" disabled={!form.ready}>
          {access ? 'Give a new password' : 'Let them sign in'}
        </Button>
      </div>
    </Box>
  );
}

function TakeBack({ person, onDone }: { person: Person; onDone: () => void }) {
  const back = useSigned('/api/people/{id}/back', { path: { id: person.id } });
  return (
    <Box sx={{ py: 1, display: 'grid', gap: 1, justifyItems: 'start' }}>
      <ProblemNote sentences={back.error ? [back.error.message] : []} />
      <Button variant="outlined" disabled={!back.ready} onClick={() => back.send({}, { onSuccess: onDone })}>
        {person.name} is back
      </Button>
    </Box>
  );
}
