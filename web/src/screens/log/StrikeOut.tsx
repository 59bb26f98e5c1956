import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useStrikeEffect } from '../../api/queries';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { words } from '../../words/en';
import { workTitle } from '../../words/work';

/** Strikes a wrong record out, with the reason; it stays readable and counts no more. */
export function StrikeOut({ recordId }: { recordId: string }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Strike recordId={recordId} />
  ) : (
    <Button
      variant="text"
      size="small"
      sx={{ p: 0, minHeight: 28, fontSize: 13 }}
      onClick={() => setOpen(true)}
    >
      Strike out
    </Button>
  );
}

function Strike({ recordId }: { recordId: string }) {
  const { person } = usePerson();
  const { data: effect, error } = useStrikeEffect(recordId);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/records/{recordId}/strike',
    params: { path: { recordId } },
    start: { reason: '' },
    body: (typed) => typed,
  });
  const refused = effect?.officer && person?.role !== 'OFFICER';
  return (
    <Box component="form" onSubmit={submit} sx={{ maxWidth: 520, display: 'grid', gap: 1 }}>
      <Box role="status" aria-label="What this does to the saw" sx={{ fontSize: 14 }}>
        {error ? error.message : effect ? sentences(effect).join(' ') : words.loading}
      </Box>
      {refused && <ProblemNote sentences={['It would make the saw more usable: an officer has to do it.']} />}
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <Box sx={{ flexGrow: 1 }}>
          <FormField control={control} name="reason" label="Why it is struck out" autoFocus />
        </Box>
        <Button type="submit" variant="outlined" disabled={!ready || refused}>
          Strike it out
        </Button>
      </Box>
      <ProblemNote sentences={besides} />
    </Box>
  );
}

/** What the saw will be, what will wait anew, and what will wait no more. */
export function sentences(effect: Schemas['Effect']): string[] {
  const said = [
    effect.before === effect.after
      ? `The saw stays ${STATES[effect.after]}.`
      : `The saw is ${STATES[effect.before]} and will be ${STATES[effect.after]}.`,
  ];
  if (effect.lost.length > 0) said.push(`Will wait: ${effect.lost.map(workTitle).join('; ')}.`);
  if (effect.gained.length > 0) said.push(`Will wait no more: ${effect.gained.map(workTitle).join('; ')}.`);
  return said;
}

const STATES: Record<Schemas['FitState'], string> = { FIT: 'fit', DUE: 'due', HELD: 'held' };
