import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { FormTicks } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { Panel } from '../../../parts/Panel';
import { ProblemNote } from '../../../parts/ProblemNote';
import { pastWords } from '../../../words/away';
import { going, GoingFields } from './GoingFields';
import { SAID_AT, saidOf } from './SaidFields';

/** A saw goes to a mechanic or dealer. */
export function GiveAway({ tag, page, out }: { tag: string; page: Schemas['AwayPage']; out: boolean }) {
  const [open, setOpen] = useState(false);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/away',
    params: { path: { tag } },
    start: { ...going(), faults: page.faults.map((fault) => fault.id) },
    body: ({ who, why, since, faults, ...said }) => ({ who, why, since, faults, said: saidOf(said) }),
    at: () => SAID_AT,
    onDone: () => setOpen(false),
  });
  return (
    <Panel title="Mechanic or dealer">
      {!open ? (
        <Button variant="outlined" fullWidth disabled={out} onClick={() => setOpen(true)}>
          Give saw {tag} away
        </Button>
      ) : (
        <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25 }}>
          <GoingFields control={control} names={page.names} of="saw">
            {page.faults.length > 0 && (
              <FormTicks
                control={control}
                name="faults"
                title="For these complaints"
                options={Object.fromEntries(page.faults.map((fault) => [fault.id, fault.title]))}
              />
            )}
          </GoingFields>
          <ProblemNote sentences={besides} />
          <Button type="submit" variant="contained" disabled={!ready}>
            Give saw {tag} away
          </Button>
        </Box>
      )}
      <Past page={page} />
    </Panel>
  );
}

function Past({ page }: { page: Schemas['AwayPage'] }) {
  return page.before.map((view) => (
    <Box key={view.id} sx={{ mt: 1, fontSize: 14, overflowWrap: 'anywhere' }}>
      {pastWords(view)}
    </Box>
  ));
}
