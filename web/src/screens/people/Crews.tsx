import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useCrews } from '../../api/queries';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { useSigned } from '../../shell/signed';

type Crew = Schemas['CrewView'];

/** The crews that draw saws; one that draws none any more stays in the records. */
export function Crews() {
  const { data: crews = [] } = useCrews();
  const [open, setOpen] = useState<string | undefined>();
  const inOrder = [...crews.filter((crew) => !crew.leftOn), ...crews.filter((crew) => crew.leftOn)];
  return (
    <Panel title="Crews">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mb: 1.5, p: 0 }}>
        {inOrder.map((crew) => (
          <Box
            component="li"
            key={crew.id}
            sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 0.5 })}
          >
            <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
              <Box sx={{ flexGrow: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
                <b>{crew.name}</b>
                {crew.leftOn && (
                  <Box component="span" sx={{ color: 'text.secondary', fontSize: 14 }}>
                    {' '}
                    draws no saws any more
                  </Box>
                )}
              </Box>
              <Button
                variant="text"
                aria-expanded={open === crew.id}
                aria-label={`Change ${crew.name}`}
                onClick={() => setOpen(open === crew.id ? undefined : crew.id)}
              >
                {open === crew.id ? 'Close' : 'Change'}
              </Button>
            </Box>
            {open === crew.id && <ChangeCrew crew={crew} onDone={() => setOpen(undefined)} />}
          </Box>
        ))}
      </Box>
      <NewCrew />
    </Panel>
  );
}

function ChangeCrew({ crew, onDone }: { crew: Crew; onDone: () => void }) {
  const params = { path: { id: crew.id } };
  const form = useSignedForm({
    path: '/api/crews/{id}',
    params,
    method: 'put',
    start: { name: crew.name },
    body: ({ name }) => ({ name, nameBefore: crew.name }),
    onDone,
  });
  const leave = useSigned('/api/crews/{id}/leave', params);
  const back = useSigned('/api/crews/{id}/back', params);
  const onOff = crew.leftOn ? back : leave;
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1.25, pb: 1 }}>
      <FormField control={form.control} name="name" label="Name of the crew" />
      <ProblemNote sentences={[...form.besides, ...(onOff.error ? [onOff.error.message] : [])]} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" variant="outlined" disabled={!form.ready}>
          Rename
        </Button>
        <Button variant="text" disabled={!onOff.ready} onClick={() => onOff.send({}, { onSuccess: onDone })}>
          {crew.leftOn ? 'Draws saws again' : 'Draws no saws any more'}
        </Button>
      </Box>
    </Box>
  );
}

function NewCrew() {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/crews',
    params: {},
    start: { name: '' },
    body: (typed) => typed,
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25 }}>
      <FormField control={control} name="name" label="New crew" />
      <ProblemNote sentences={besides} />
      <div>
        <Button type="submit" variant="outlined" disabled={!ready}>
          Add the crew
        </Button>
      </div>
    </Box>
  );
}
