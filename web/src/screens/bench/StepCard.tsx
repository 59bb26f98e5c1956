import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { Caution } from '../../parts/Caution';
import { Key } from '../../parts/Key';
import { ProblemNote } from '../../parts/ProblemNote';
import { SawOutline } from '../../parts/SawOutline';
import { findingWords, outcomeWords, saidWords, stepOn, whyWords } from '../../words/bench';
import { words } from '../../words/en';
import { capital, timeOf } from '../../words/format';
import { partOf } from './partOf';
import type { StepDraft } from './stepDraft';
import { useStepForm } from './stepDraft';
import { DRAWN, StepDrawing } from './StepDrawing';
import { StepHints } from './StepHints';
import { StepInputs, asksFigure } from './StepInputs';
import { StepVerdict } from './StepVerdict';
import { numberOf } from '../../words/number';
import { Photos } from '../photos/Photos';
import { COMMANDS, useCommands } from '../../shell/commands';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { canOf, tank } from '../../words/units';
import { FormField } from '../../parts/form/fields';

interface Props {
  visit: Schemas['VisitPage'];
  step: Schemas['StepView'];
  number: number;
  onDone: () => void;
}

/** One step in the middle of the bench: caution, what the hand does, its input, what it means, and on. */
export function StepCard({ visit, step, number, onDone }: Props) {
  const [again, setAgain] = useState(false);
  const { title, how, caution } = stepOn(step.step, visit.saw.profile);
  const drawn = DRAWN.includes(step.step);
  const safe = step.step === 'MAKE_SAFE' ? words.makeSafe[visit.saw.profile.power] : undefined;
  return (
    <Box
      component="section"
      aria-label={`Step ${number}: ${title}`}
      sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)', overflowWrap: 'anywhere' }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 1.5 }}>
        <Box component="h2" sx={{ typography: 'h1', m: 0 }}>
          {number} {title}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {step.finding
            ? `${findingWords[step.finding]}: ${whyWords[step.why]}`
            : capital(whyWords[step.why])}
        </Box>
      </Box>
      <Box
        // The saw stands beside what is said of it: at the bench a step is in sight without scrolling.
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: drawn ? '1fr' : 'minmax(0, 1fr) 260px' },
          columnGap: 3,
          rowGap: 1.5,
          alignItems: 'center',
        }}
      >
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          {(safe ?? caution) && <Caution>{safe ?? caution}</Caution>}
          {step.step === 'OUTSIDE_LOOK' && visit.complaint && (
            <Box sx={{ fontSize: 17, fontWeight: 600 }}>The crew said: “{visit.complaint}”</Box>
          )}
          <Box sx={{ fontSize: 17 }}>{how}</Box>
          <ToFinder tag={visit.tag} step={step.step} />
          <StepHints visit={visit} step={step.step} />
          {step.step === 'FILL' && visit.saw.mix && (
            <Box sx={{ fontSize: 17 }}>
              Mix {visit.saw.mix.ratio}:1: {tank(visit.saw.mix.oilMl)} of oil in {canOf(visit.saw.mix.fuelMl)}{' '}
              of fuel.
            </Box>
          )}
        </Box>
        {!drawn && <SawOutline part={partOf(step.step)} />}
      </Box>
      {step.record && !again ? (
        <Stands record={step.record} onAgain={() => setAgain(true)} onNext={onDone} />
      ) : step.kind === 'TENSION' ? (
        <ToTension visit={visit} step={step} onDone={onDone} />
      ) : (
        <StepForm visit={visit} step={step} onDone={onDone} />
      )}
    </Box>
  );
}

/** Where a step may end in a question that the fault finder answers. */
function ToFinder({ tag, step }: { tag: string; step: Schemas['Step'] }) {
  const to = `/faults/new?saw=${tag}&origin=VISIT`;
  if (step === 'OUTSIDE_LOOK') return <Link to={to}>Find the cause of a complaint</Link>;
  return step === 'OIL_CARD' ? (
    <Link to={`${to}&complaint=runs-dry`}>Faint or none: find the cause</Link>
  ) : null;
}

/** How a step stands that has been recorded already. */
function Stands({
  record,
  onAgain,
  onNext,
}: {
  record: Schemas['RecordView'];
  onAgain: () => void;
  onNext: () => void;
}) {
  useCommands('bench', { next: onNext });
  return (
    <Box>
      <Box sx={{ fontSize: 17, fontWeight: 600 }}>
        {outcomeWords[record.outcome]}
        {record.findings.length > 0 && `: ${record.findings.map((f) => findingWords[f]).join(', ')}`}
      </Box>
      <Box sx={{ color: 'text.secondary', mb: 1.5 }}>
        {record.by}, {timeOf(record.at)}
        {record.note && `. ${record.note}`}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" onClick={onNext}>
          Next
          <Key of={COMMANDS.bench.keys.next} />
        </Button>
        <Button variant="outlined" onClick={onAgain}>
          Record it again
        </Button>
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <Photos about="RECORD" aboutId={record.id} of={outcomeWords[record.outcome]} />
      </Box>
    </Box>
  );
}

function ToTension({ visit, step, onDone }: Pick<Props, 'visit' | 'step' | 'onDone'>) {
  const navigate = useNavigate();
  const open = () => void navigate(`/saws/${visit.tag}/tension?visit=${visit.id}`);
  useCommands('bench', { next: open });
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      <Button variant="contained" onClick={open}>
        Read the tension
        <Key of={COMMANDS.bench.keys.next} />
      </Button>
      <Skip visit={visit} step={step} onDone={onDone} />
    </Box>
  );
}

function StepForm({ visit, step, onDone }: Pick<Props, 'visit' | 'step' | 'onDone'>) {
  const navigate = useNavigate();
  const toVice = () => {
    if (step.step === 'SHARPEN') void navigate(`/saws/${visit.tag}/sharpen?visit=${visit.id}`);
  };
  const form = useStepForm(
    visit.tag,
    step,
    `${visit.id}.${step.step}`,
    (draft) => ({
      visitId: visit.id,
      ...(step.record ? { expects: step.record.id } : {}),
      ...(step.kind === 'REPLACE' ? { part: partOfDraft(draft) } : {}),
    }),
    onDone,
  );
  const options = saidWords(step.kind);
  const say = (outcome: Schemas['StepOutcome']) =>
    options.some(([o]) => o === outcome) && form.change({ said: outcome });
  useCommands('bench', {
    ...(asksFigure(step)
      ? {}
      : { fine: () => say('FINE'), attend: () => say('ATTEND'), fail: () => say('FAIL') }),
    next: form.submit,
    vice: toVice,
  });
  return (
    <>
      <StepDrawing visit={visit} step={step} answer={form.answer} />
      <StepInputs
        tag={visit.tag}
        ratio={visit.saw.mix?.ratio}
        step={step}
        draft={form.draft}
        problemAt={form.problemAt}
        onChange={form.change}
        onEnter={form.submit}
      />
      <ProblemNote sentences={form.problems} />
      {step.step === 'SHARPEN' && (
        <Box>
          <Button variant="outlined" onClick={toVice}>
            Map the loop in the vice
            <Key of={COMMANDS.bench.keys.vice} />
          </Button>
        </Box>
      )}
      <StepVerdict answer={form.answer} said={form.said} done={options.length === 1}>
        <Button variant="contained" disabled={form.pending} onClick={form.submit}>
          {form.outcome === 'FAIL' ? `Save and hold saw ${visit.tag}` : 'Save, next'}
          <Key of={COMMANDS.bench.keys.next} />
        </Button>
        <Skip visit={visit} step={step} onDone={onDone} />
      </StepVerdict>
    </>
  );
}

function partOfDraft(draft: StepDraft): Schemas['NewPart'] {
  const soak = numberOf(draft.soakHours);
  return {
    tag: draft.part,
    newChain: draft.newChain,
    ...(draft.retireReason.trim() ? { retireReason: draft.retireReason } : {}),
    ...(soak === undefined || Number.isNaN(soak) ? {} : { soakHours: soak }),
  };
}

/** Passing over a step, with the reason; a ride-along needs none. Making safe is never passed over. */
function Skip({ visit, step, onDone }: Pick<Props, 'visit' | 'step' | 'onDone'>) {
  const [open, setOpen] = useState(false);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/visits/{visitId}/skip',
    params: { path: { visitId: visit.id } },
    start: { reason: '' },
    body: ({ reason }) => ({ step: step.step, ...(reason.trim() ? { reason } : {}) }),
    onDone,
  });
  const begin = () => (step.optional ? submit() : setOpen(true));
  useCommands('bench', { skip: begin });
  if (step.step === 'MAKE_SAFE') return null;
  return open ? (
    <Box
      component="form"
      onSubmit={submit}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end', color: 'text.primary' }}
    >
      <Box
        sx={(t) => ({ width: 240, background: t.vars.palette.background.paper, p: 1, borderRadius: '6px' })}
      >
        <FormField control={control} name="reason" label="Why it is skipped" autoFocus />
        <ProblemNote sentences={besides} />
      </Box>
      <Button type="submit" variant="contained" disabled={!ready}>
        Skip it
      </Button>
    </Box>
  ) : (
    <Button
      variant="outlined"
      onClick={begin}
      sx={{ color: 'inherit', '&:hover': { background: 'transparent' } }}
    >
      {step.optional ? 'Leave it' : 'Skip'}
      <Key of={COMMANDS.bench.keys.skip} />
    </Button>
  );
}
