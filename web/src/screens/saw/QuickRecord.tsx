import { workReason, workTitle } from '../../words/work';
import { partOf } from '../bench/partOf';
import { StateMark } from '../../parts/StateMark';
import { SawOutline } from '../../parts/SawOutline';
import { Panel } from '../../parts/Panel';
import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useOutWith, useSaw, useSchedule } from '../../api/queries';
import { Caution } from '../../parts/Caution';
import { Field, Pick } from '../../parts/Field';
import { TagPlate } from '../../parts/Plate';
import { Tick } from '../../parts/Tick';
import { sentenceOf } from '../../api/problem';
import { ProblemNote } from '../../parts/ProblemNote';
import { saidWords, stepOn, stepWords } from '../../words/bench';
import { momentTyped } from '../../words/days';
import { useStepForm } from '../bench/stepDraft';
import { StepInputs } from '../bench/StepInputs';
import { StepVerdict } from '../bench/StepVerdict';

/** One task done outside a visit: a touch-up in the field, a screen cleaned at the stove. */
export default function QuickRecord() {
  useAtWork();
  const { tag = '' } = useParams();
  const { data, error } = useSchedule(tag);
  const [asked, setAsked] = useSearchParams({ step: 'SHARPEN' });
  const step = asked.get('step');
  // What was read before still holds when asking again fails.
  if (error && !data) return <ProblemNote sentences={[error.message]} />;
  if (!data) return <Loading />;
  const steps = data.quick.filter((q) => q.step !== 'MAKE_SAFE');
  const chosen = steps.find((q) => q.step === step) ?? steps[0];
  return (
    <>
      <title>{`Record, saw ${tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, py: 1.5 }}>
        <TagPlate tag={tag} size="large" />
        <Box>
          <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
            Record one task
          </Box>
          <Box sx={{ color: 'text.secondary' }}>
            Done outside a visit. For tension <Link to={`/saws/${tag}/tension`}>read it here</Link>.
          </Box>
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 340px' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Pick
            label="What was done"
            value={chosen?.step ?? 'SHARPEN'}
            options={steps.map((q) => ({ value: q.step, label: stepWords[q.step].title }))}
            onChange={(next) => setAsked({ step: next }, { replace: true })}
          />
          {chosen && <Task key={chosen.step} tag={tag} step={chosen} />}
        </Box>
        <Box sx={{ display: 'grid', gap: 2 }}>
          {chosen && <SawOutline part={partOf(chosen.step)} />}
          <Panel title={`Waits on saw ${tag}`}>
            {data.work.length === 0 && <Box>Nothing. It may go out.</Box>}
            {data.work.map((work, i) => (
              <Box key={i} sx={{ py: 0.5 }}>
                <StateMark state={work.state}>{workTitle(work, data.power)}</StateMark>
                <Box sx={{ color: 'text.secondary', fontSize: 14, pl: 2.75 }}>
                  {workReason(work, data.power)}
                </Box>
              </Box>
            ))}
          </Panel>
        </Box>
      </Box>
    </>
  );
}

function Task({ tag, step }: { tag: string; step: Schemas['QuickStep'] }) {
  const navigate = useNavigate();
  const [when, setWhen] = useState('');
  const crew = useOutWith(tag);
  const [outThere, setOutThere] = useState(false);
  const form = useStepForm(
    tag,
    step,
    `quick.${tag}.${step.step}`,
    () => ({
      ...(when ? { at: momentTyped(when) } : {}),
      ...(outThere ? { outThere } : {}),
    }),
    () => void navigate(`/saws/${tag}`),
  );
  const { data: saw } = useSaw(tag);
  const { how, caution } = saw
    ? stepOn(step.step, { power: saw.card.power, oiler: saw.card.oiler, nose: saw.bar?.nose })
    : stepWords[step.step];
  return (
    <>
      {caution && <Caution>{caution}</Caution>}
      <Box>{how}</Box>
      <StepInputs
        tag={tag}
        step={step}
        draft={form.draft}
        problemAt={form.problemAt}
        onChange={form.change}
        onEnter={form.submit}
      />
      <Box sx={{ maxWidth: 260 }}>
        <Field
          label="When, if not now"
          type="datetime-local"
          value={when}
          onChange={setWhen}
          problem={form.problemAt('at')}
          hint="Say in the note why it is entered late"
        />
      </Box>
      {(crew !== undefined || form.problemAt('outThere') !== undefined) && (
        <div>
          <Tick label="Done out there, with the crew" checked={outThere} onChange={setOutThere} />
        </div>
      )}
      <ProblemNote sentences={[sentenceOf(form.problemAt('outThere')) ?? [], form.problems].flat()} />
      <StepVerdict answer={form.answer} said={form.said} done={saidWords(step.kind).length === 1}>
        <Button variant="contained" disabled={!form.said || form.pending} onClick={form.submit}>
          Save the record
        </Button>
      </StepVerdict>
    </>
  );
}
