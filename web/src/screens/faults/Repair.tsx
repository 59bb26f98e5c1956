import { ForWhoMay } from '../../parts/ForWhoMay';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { useStartVisit } from '../bench/StartVisit';
import { stepWords } from '../../words/bench';
import { stageSentence } from '../../words/faults';
import { momentOf } from '../../words/format';
import { stockWords } from '../../words/stores';
import { LeakStand } from './LeakStand';
import type { FaultAct } from './useFaultAct';
import { useFaultAct } from './useFaultAct';

/** A cause that was found: the work, its proof, and the officer's word at the end. */
export function Repair({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, problem, pending } = useFaultAct(fault);
  const closed = fault.stage === 'CLOSED';
  return (
    <>
      <Box component="section" aria-label="Cause">
        <Box component="h2" sx={{ typography: 'h1', m: 0 }}>
          {fault.cause?.title ?? 'With a qualified mechanic'}
        </Box>
        {fault.cause && (
          <Box sx={{ color: 'text.secondary' }}>
            Found {momentOf(fault.cause.at)} by {fault.cause.by}
            {fault.cause.mechanic && '. Not for this bench: a qualified mechanic'}
          </Box>
        )}
      </Box>
      {!closed && <Work fault={fault} />}
      {!closed && (fault.cause?.leak ?? false) && <LeakStand fault={fault} act={act} pending={pending} />}
      <ProblemNote sentences={problem ? [problem.message] : []} />
      {!closed && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}>
          <ForWhoMay write="/api/faults/{id}/close" silent>
            <Close act={act} pending={pending} ready={fault.stage === 'CLOSES'} />
          </ForWhoMay>
          {(fault.stage === 'CLOSES' || fault.stage === 'STAND') && (
            <Button
              variant="outlined"
              disabled={pending}
              onClick={() => void act('/api/faults/{id}/still-there', {})}
            >
              Put right, and the complaint is still there
            </Button>
          )}
          <ForWhoMay write="/api/faults/{id}/drop" silent>
            <Button
              variant="outlined"
              disabled={pending}
              onClick={() => void act('/api/faults/{id}/drop', {})}
            >
              That was not it, keep looking
            </Button>
          </ForWhoMay>
        </Box>
      )}
      {closed && <Box sx={{ fontSize: 17, fontWeight: 600 }}>Closed.</Box>}
    </>
  );
}

function Work({ fault }: { fault: Schemas['FaultPage'] }) {
  const visit = useStartVisit(fault.tag);
  const cause = fault.cause;
  return (
    <Box component="section" aria-label="What to do about it" sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ fontSize: 17 }}>{stageSentence({ stage: fault.stage, steps: fault.unproved })}.</Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {cause?.steps.map((step) => (
          <StepLine key={step} step={step} done={cause.done.includes(step)} note={noteOf(cause, step)} />
        ))}
        {cause && !cause.steps.includes(cause.proof) && (
          <StepLine step={cause.proof} done={['CLOSES', 'STAND'].includes(fault.stage)} note="its proof" />
        )}
      </Box>
      {cause && cause.parts.length > 0 && (
        <Box sx={{ color: 'text.secondary' }}>
          May need from the shelf: {cause.parts.map((p) => stockWords[p].toLowerCase()).join(', ')}.
        </Box>
      )}
      <ProblemNote sentences={visit.error ? [visit.error.message] : []} />
      {fault.unproved.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {fault.visitId ? (
            <Button variant="contained" component={Link} to={`/bench/${fault.visitId}`}>
              Go on with the visit
            </Button>
          ) : (
            <Button variant="contained" onClick={visit.start}>
              Start visit
            </Button>
          )}
          <Button variant="outlined" component={Link} to={`/saws/${fault.tag}/record`}>
            Record one task
          </Button>
        </Box>
      )}
    </Box>
  );
}

function noteOf(cause: Schemas['CauseView'], step: Schemas['Step']): string {
  if (cause.mechanic) return 'the mechanic’s';
  return step === cause.proof ? 'repair and proof' : 'repair';
}

function StepLine({ step, done, note }: { step: Schemas['Step']; done: boolean; note: string }) {
  return (
    <Box component="li" sx={{ py: 0.5 }}>
      <StateMark state={done ? 'FIT' : 'DUE'}>{stepWords[step].title}</StateMark>
      <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
        {note}, {done ? 'on record' : 'open'}
      </Box>
    </Box>
  );
}

function Close({ act, pending, ready }: { act: FaultAct; pending: boolean; ready: boolean }) {
  const [note, setNote] = useState('');
  return (
    <Box
      component="form"
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        void act('/api/faults/{id}/close', note.trim() ? { note } : {});
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}
    >
      <Box sx={{ width: 260 }}>
        <Field label="Closing note" value={note} onChange={setNote} />
      </Box>
      <Button type="submit" variant={ready ? 'contained' : 'outlined'} disabled={pending}>
        Close the fault
      </Button>
    </Box>
  );
}
