import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import type { Problem } from '../../api/problem';
import { FormField } from '../../parts/form/fields';
import type { SignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { EffectNote, useRefused } from './EffectNote';

/** What it will do, why, and the key that does it: the same for whatever is struck out. */
export function StrikeForm({
  form,
  effect,
  error,
}: {
  form: SignedForm<{ reason: string }>;
  effect: Schemas['Effect'] | undefined;
  error: Problem | null;
}) {
  const refused = useRefused(effect);
  return (
    <Box component="form" onSubmit={form.submit} sx={{ maxWidth: 520, display: 'grid', gap: 1 }}>
      <EffectNote effect={effect} error={error} />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <Box sx={{ flexGrow: 1 }}>
          <FormField control={form.control} name="reason" label="Why it is struck out" autoFocus />
        </Box>
        <Button type="submit" variant="outlined" disabled={!form.ready || refused}>
          Strike it out
        </Button>
      </Box>
      <ProblemNote sentences={form.besides} />
    </Box>
  );
}
