import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { device, newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { TakeFields, takesOf } from '../../parts/TakeFields';
import { usePerson } from '../../shell/person';
import { nextToFile } from './order';

/** Out of the vice: recorded, or left with a reason. */
export function EndSharpening({
  page,
  open,
  visitId,
}: {
  page: Schemas['SharpeningPage'];
  open: Schemas['OpenSharpening'];
  visitId: string | undefined;
}) {
  const { person } = usePerson();
  const navigate = useNavigate();
  const [id, setId] = useState(newId);
  const [allFiled, setAllFiled] = useState(false);
  const [takes, setTakes] = useState<Record<string, string>>({});
  const [leaving, setLeaving] = useState(false);
  const [reason, setReason] = useState('');
  const finish = useWrite('/api/sharpenings/{sharpeningId}/finish', { path: { sharpeningId: open.id } });
  const leave = useWrite('/api/sharpenings/{sharpeningId}/leave', { path: { sharpeningId: open.id } });
  const back = () => void navigate(visitId ? `/bench/${visitId}` : `/saws/${page.tag}`);
  const waits = open.plan !== undefined && nextToFile(open) !== undefined;
  const condemned =
    open.plan?.advice === 'OUT_OF_USE' ||
    open.places.some((p) => p.damage === 'CRACKED' || p.damage === 'MISSING');
  const settle = { onSuccess: back, onError: () => setId(newId()) };
  return (
    <Panel title="Out of the vice">
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {waits && !condemned && (
          <Tick label="All planned strokes are made" checked={allFiled} onChange={setAllFiled} />
        )}
        <TakeFields
          tag={page.tag}
          step="SHARPEN"
          takes={takes}
          onChange={setTakes}
          problem={finish.error?.at('takes')}
        />
        <ProblemNote sentences={finish.error?.besides(['takes']) ?? []} />
        <Button
          variant="contained"
          fullWidth
          disabled={finish.isPending || !person}
          onClick={() =>
            person &&
            finish.mutate(
              {
                id,
                personId: person.id,
                device: device(),
                allFiled,
                ...(visitId ? { visitId } : {}),
                takes: takesOf(takes),
              },
              settle,
            )
          }
        >
          {condemned ? `Record it and hold saw ${page.tag}` : 'Record the sharpening'}
        </Button>
        {leaving ? (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              if (person) leave.mutate({ id, personId: person.id, reason }, settle);
            }}
          >
            <Field
              label="Why it is not recorded"
              autoFocus
              value={reason}
              onChange={setReason}
              problem={leave.error?.at('reason') ?? leave.error?.message}
            />
            <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }}>
              Take it out without a record
            </Button>
          </form>
        ) : (
          <Button variant="outlined" fullWidth onClick={() => setLeaving(true)}>
            Take it out without a record
          </Button>
        )}
      </Box>
    </Panel>
  );
}
