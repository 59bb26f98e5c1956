import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { SIGN_IN, useSignIn } from '../../api/queries';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Quiet } from '../../parts/Quiet';
import { ProblemNote } from '../../parts/ProblemNote';
import { words } from '../../words/en';
import { zonesWith } from '../../words/zones';
import { optionsOf } from '../../parts/Field';
import { BringFleet } from './BringFleet';
import { SignInSheet } from './SignInSheet';

/** The first start without demo data: what the fleet is called, how it writes, and who lets in everybody else. */
export default function SetUpScreen() {
  const { data: state } = useSignIn();
  const [brought, setBrought] = useState<Schemas['BroughtIn']>();
  if (!state) return null;
  return (
    <SignInSheet title={brought ? 'Your fleet is here: who are you?' : 'Set up your fleet'} wide>
      {state.beginning ? (
        <>
          {(brought !== undefined || state.beginning.officers.length === 0) && (
            <BringFleet brought={brought} onDone={setBrought} />
          )}
          <SetUpForm key={brought?.seal ?? ''} beginning={state.beginning} brought={brought} />
        </>
      ) : (
        <Quiet>
          This fleet has not been set up yet. That is done on the machine it runs on, at localhost; then
          everybody signs in from anywhere.
        </Quiet>
      )}
    </SignInSheet>
  );
}

const CURRENCY_NONE = 'None: bare figures';

const BLANK = {
  fleet: '',
  lengthUnit: 'MM' as Schemas['LengthUnit'],
  volumeUnit: 'LITRE' as Schemas['FuelUnit'],
  currency: 'NONE',
  signInName: '',
  password: '',
};

function SetUpForm({
  beginning,
  brought,
}: {
  beginning: Schemas['Beginning'];
  brought: Schemas['BroughtIn'] | undefined;
}) {
  const client = useQueryClient();
  const zone = brought?.zone || beginning.zone;
  const [zones] = useState(() => zonesWith(zone));
  const [before] = beginning.officers;
  const form = useSignedForm({
    path: '/api/set-up',
    params: {},
    start: { ...BLANK, fleet: brought?.fleet ?? '', zone, officer: before ?? '' },
    body: (typed) => typed,
    onDone: () => void client.invalidateQueries({ queryKey: SIGN_IN }),
  });
  const { control } = form;
  // A fleet that was brought in writes as it did.
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 2 }}>
      <Box sx={COLUMNS}>
        <FormField control={control} name="fleet" label="Name of the fleet" autoFocus />
        <FormPick control={control} name="zone" label="Time zone of its days" options={zones} />
        {!brought && (
          <>
            <FormPick
              control={control}
              name="lengthUnit"
              label="Lengths"
              options={optionsOf(words.lengthUnit)}
              hint="Either can be typed anywhere; this is what a bare figure means."
            />
            <FormPick
              control={control}
              name="volumeUnit"
              label="Volumes"
              options={optionsOf(words.volumeUnit)}
            />
            <FormPick
              control={control}
              name="currency"
              label="Currency of prices"
              options={beginning.currencies.map((code) => ({
                value: code,
                label: code === 'NONE' ? CURRENCY_NONE : code,
              }))}
            />
          </>
        )}
      </Box>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mt: 1 }}>
        The first equipment officer
      </Box>
      <Box sx={COLUMNS}>
        <FormField
          control={control}
          name="officer"
          label="Name, as records say it"
          hint={
            before
              ? `With the name of an officer who stands in the records (${beginning.officers.join(', ')}) that person goes on; another name adds somebody.`
              : undefined
          }
        />
        <FormField
          control={control}
          name="signInName"
          label="Name to sign in with"
          hint="Short, in small letters."
          inputProps={{ autoComplete: 'username', autoCapitalize: 'none', spellCheck: false }}
        />
        <FormField
          control={control}
          name="password"
          label="Password"
          type="password"
          hint="At least 10 characters. A few words are easy to remember."
          inputProps={{ autoComplete: 'new-password' }}
        />
      </Box>
      <ProblemNote sentences={form.besides} />
      <div>
        <Button type="submit" variant="contained" disabled={!form.ready}>
          Set up the fleet
        </Button>
      </div>
    </Box>
  );
}

const COLUMNS = {
  display: 'grid',
  gap: 1.5,
  alignItems: 'start',
  gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 220px), 1fr))',
} as const;
