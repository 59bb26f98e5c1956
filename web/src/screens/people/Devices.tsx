import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useDevices } from '../../api/queries';
import { FormField, FormTick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { useSigned } from '../../shell/signed';
import { dayOf } from '../../words/format';
import { FEW, useSome } from '../../parts/more';

type Device = Schemas['DeviceView'];

/** The browsers that people have signed in from; this one first. */
export function Devices() {
  const { data: devices = [] } = useDevices();
  const [open, setOpen] = useState<string | undefined>();
  const inOrder = [...devices.filter((one) => one.here), ...devices.filter((one) => !one.here)];
  const { some, more } = useSome(inOrder, FEW);
  return (
    <Panel title="Devices">
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 0.5 }}>
        Records say on which device they were written. On a shared one, such as the tablet at the bench,
        people change over by PIN and find the screen as it was.
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {some.map((device) => (
          <Box
            component="li"
            key={device.id}
            sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 0.5 })}
          >
            <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2 }}>
              <Box sx={{ fontWeight: 600, flex: '1 1 160px', minWidth: 0, overflowWrap: 'anywhere' }}>
                {device.name}
              </Box>
              <Box sx={{ flex: '2 1 220px', color: 'text.secondary', fontSize: 14 }}>
                {[
                  ...(device.here ? ['this one'] : []),
                  ...(device.shared ? ['shared'] : []),
                  `last sign-in ${dayOf(device.lastAt)}`,
                ].join(', ')}
              </Box>
              <Button
                variant="text"
                aria-expanded={open === device.id}
                aria-label={`Change ${device.name}`}
                onClick={() => setOpen(open === device.id ? undefined : device.id)}
              >
                {open === device.id ? 'Close' : 'Change'}
              </Button>
            </Box>
            {open === device.id && <ChangeDevice device={device} onDone={() => setOpen(undefined)} />}
          </Box>
        ))}
      </Box>
      {more}
    </Panel>
  );
}

function ChangeDevice({ device, onDone }: { device: Device; onDone: () => void }) {
  const params = { path: { id: device.id } };
  const form = useSignedForm({
    path: '/api/devices/{id}',
    params,
    method: 'put',
    start: { name: device.name, shared: device.shared },
    body: (typed) => typed,
    onDone,
  });
  const forget = useSigned('/api/devices/{id}/forget', params);
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1.25, pb: 1, maxWidth: 420 }}>
      <FormField control={form.control} name="name" label="Name of the device" />
      <FormTick control={form.control} name="shared" label="Shared: people change over by PIN" />
      <ProblemNote sentences={[...form.besides, ...(forget.error ? [forget.error.message] : [])]} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="outlined" disabled={!form.ready}>
          Save
        </Button>
        <Button
          variant="text"
          disabled={!forget.ready}
          onClick={() => forget.send({}, { onSuccess: onDone })}
        >
          Forget it: sign out whoever is on it
        </Button>
      </Box>
    </Box>
  );
}
