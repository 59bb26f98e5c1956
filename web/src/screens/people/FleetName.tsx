import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useHouse, useSignIn } from '../../api/queries';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { zonesWith } from '../../words/zones';

/** What the fleet is called, and where its days begin. */
export function FleetName() {
  const { data: state } = useSignIn();
  const { data: house } = useHouse();
  if (!state?.fleet || !house) return null;
  return <FleetForm key={`${state.fleet} ${house.zone}`} name={state.fleet} zone={house.zone} />;
}

function FleetForm({ name, zone }: { name: string; zone: string }) {
  const [zones] = useState(() => zonesWith(zone));
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/fleet',
    params: {},
    method: 'put',
    start: { name, zone },
    body: (typed) => typed,
  });
  return (
    <Panel title="The fleet">
      <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25 }}>
        <FormField control={control} name="name" label="Name of the fleet" />
        <FormPick
          control={control}
          name="zone"
          label="Time zone of its days"
          options={zones}
          hint="What is due is reckoned anew in another zone."
        />
        <ProblemNote sentences={besides} />
        <div>
          <Button type="submit" variant="outlined" disabled={!ready}>
            Save the fleet
          </Button>
        </div>
      </Box>
    </Panel>
  );
}
