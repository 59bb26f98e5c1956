import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useWatch } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { optionsOf } from '../../parts/Field';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { ROLE_MEANS, ROLES } from '../../words/people';

const BLANK = { name: '', role: 'OPERATOR' as Schemas['Role'], signInName: '', password: '' };

/** Somebody new, with a password for the first time; who only stands in the records needs none. */
export function NewPerson() {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/people',
    params: {},
    start: BLANK,
    body: ({ name, role, signInName, password }) => ({
      name,
      role,
      ...(signInName.trim() || password ? { signInName, password } : {}),
    }),
  });
  const role = useWatch({ control, name: 'role' });
  return (
    <Panel title="Add somebody">
      <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.5 }}>
        <FormField control={control} name="name" label="Name, as records say it" />
        <FormPick
          control={control}
          name="role"
          label="May act as"
          options={optionsOf(ROLES)}
          hint={ROLE_MEANS[role]}
        />
        <FormField
          control={control}
          name="signInName"
          label="Name to sign in with"
          inputProps={{ autoCapitalize: 'none', spellCheck: false }}
        />
        <FormField
          control={control}
          name="password"
          label="First password"
          hint="Tell it to them: at the first sign-in they choose one of their own."
          inputProps={{ autoComplete: 'new-password' }}
        />
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="outlined" disabled={!ready}>
          Add
        </Button>
      </Box>
    </Panel>
  );
}
