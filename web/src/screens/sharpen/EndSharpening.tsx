import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useOutWith, useTakeable } from '../../api/queries';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { TakeFields, takesOf } from '../../parts/TakeFields';
import { nextToFile } from './order';
import { useSigned } from '../../shell/signed';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField } from '../../parts/form/fields';

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
  const navigate = useNavigate();
  const [allFiled, setAllFiled] = useState(false);
  const [takes, setTakes] = useState<Record<string, string>>({});
  const { data: shelf } = useTakeable(page.tag, 'SHARPEN');
  const [leaving, setLeaving] = useState(false);
  const crew = useOutWith(page.tag);
  const [outThere, setOutThere] = useState(false);
  const finish = useSigned('/api/sharpenings/{sharpeningId}/finish', { path: { sharpeningId: open.id } });
  const back = () => void navigate(visitId ? `/bench/${visitId}` : `/saws/${page.tag}`);
  const waits = open.plan !== undefined && nextToFile(open) !== undefined;
  const condemned =
    open.plan?.advice === 'OUT_OF_USE' ||
    open.places.some((p) => p.damage === 'CRACKED' || p.damage === 'MISSING');
  return (
    <Panel title="Out of the vice">
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {waits && !condemned && (
          <Tick label="All planned strokes are made" checked={allFiled} onChange={setAllFiled} />
        )}
        {crew !== undefined && (
          <Tick label={`Filed out there, with ${crew}`} checked={outThere} onChange={setOutThere} />
        )}
        <TakeFields
          tag={page.tag}
          step="SHARPEN"
          takes={takes}
          onChange={setTakes}
          problem={finish.error?.at('takes')?.sentence}
        />
        <ProblemNote sentences={finish.error?.besides(['takes']) ?? []} />
        <Button
          variant="contained"
          fullWidth
          disabled={!finish.ready}
          onClick={() =>
            finish.send(
              {
                allFiled,
                ...(visitId ? { visitId } : {}),
                takes: takesOf(takes, shelf),
                ...(outThere ? { outThere } : {}),
              },
              { onSuccess: back },
            )
          }
        >
          {condemned ? `Record it and hold saw ${page.tag}` : 'Record the sharpening'}
        </Button>
        {leaving ? (
          <Leave sharpeningId={open.id} outThere={outThere} onDone={back} />
        ) : (
          <Button variant="outlined" fullWidth onClick={() => setLeaving(true)}>
            Take it out without a record
          </Button>
        )}
      </Box>
    </Panel>
  );
}

function Leave({
  sharpeningId,
  outThere,
  onDone,
}: {
  sharpeningId: string;
  outThere: boolean;
  onDone: () => void;
}) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/sharpenings/{sharpeningId}/leave',
    params: { path: { sharpeningId } },
    start: { reason: '' },
    body: (typed) => ({ ...typed, ...(outThere ? { outThere } : {}) }),
    onDone,
  });
  return (
    <form onSubmit={submit}>
      <FormField control={control} name="reason" label="Why it is not recorded" autoFocus />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Take it out without a record
      </Button>
    </form>
  );
}
