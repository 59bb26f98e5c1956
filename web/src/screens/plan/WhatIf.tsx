import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Problem } from '../../api/problem';
import { Field, Pick } from '../../parts/Field';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { Key } from '../../parts/Key';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { COMMANDS, useCommands } from '../../shell/commands';
import { useSigned } from '../../shell/signed';
import { minutes } from '../../words/format';
import { notANumber, numberOf } from '../../words/number';
import { movedWords, standing } from '../../words/plan';
import { dayTitle } from '../../words/planned';
import type { Change } from './change';
import { changes, NOTHING, withMinutes, withWish } from './change';

interface Props {
  /** The plan as it is. */
  page: Schemas['PlanPage'];
  change: Change;
  answer: Schemas['WhatIf'] | undefined;
  /** Whether it answers what is tried now: nothing else is kept. */
  current: boolean;
  error: Problem | null;
  onChange: (change: Change) => void;
}

const MOVES = 8;

/** What could be otherwise: how it is and how it would be side by side, to be kept or dropped. */
export function WhatIf({ page, change, answer, current, error, onChange }: Props) {
  const trying = changes(change);
  return (
    <Panel title="What if">
      <Asked page={page} change={change} onChange={onChange} />
      <ProblemNote sentences={error ? error.problems.map((one) => one.sentence) : []} />
      {error && error.problems.length === 0 && <ProblemNote sentences={[error.message]} />}
      {answer && !error && <SideBySide answer={answer} />}
      {trying && (
        <ForWhoMay write="/api/plan/changes">
          <Decide change={change} able={current && !error} onDone={() => onChange(NOTHING)} />
        </ForWhoMay>
      )}
    </Panel>
  );
}

/** Other minutes on a day, or a saw that breaks. */
function Asked({ page, change, onChange }: Pick<Props, 'page' | 'change' | 'onChange'>) {
  const [day, setDay] = useState(page.today);
  const [typed, setTyped] = useState('');
  const [tag, setTag] = useState('');
  const many = numberOf(typed);
  const tags = Object.keys(page.saws);
  const done = page.days[0]?.done ?? 0;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
        alignItems: 'end',
      }}
    >
      <Pick
        label="Minutes of a day"
        value={day}
        options={page.days.map((one) => ({ value: one.day, label: dayTitle(one.day) }))}
        onChange={setDay}
      />
      <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'end' }}>
        <Field
          label="Minutes"
          inputMode="numeric"
          value={typed}
          onChange={setTyped}
          problem={typed === '' ? undefined : notANumber(typed)}
        />
        <Button
          variant="outlined"
          aria-label="Try these minutes"
          disabled={many === undefined}
          onClick={() => {
            if (many === undefined) return;
            onChange(withMinutes(change, { day, minutes: many }));
            setTyped('');
          }}
        >
          Try
        </Button>
      </Box>
      {done > 0 && day === page.today && (
        <Box sx={{ gridColumn: '1 / -1', color: 'text.secondary', fontSize: 13 }}>
          Of the whole day, with the {minutes(done)} done.
        </Box>
      )}
      <Pick
        label="A saw breaks"
        value={tag}
        options={[{ value: '', label: 'Choose' }, ...tags.map((one) => ({ value: one, label: one }))]}
        onChange={setTag}
      />
      <Button
        variant="outlined"
        disabled={tag === ''}
        onClick={() => {
          onChange(withWish(change, { tag, kind: 'LEFT_OUT' }));
          setTag('');
        }}
      >
        Try without it
      </Button>
    </Box>
  );
}

/** How it is, how it would be, and which visits are on another day then. */
function SideBySide({ answer }: { answer: Schemas['WhatIf'] }) {
  const now = standing(answer.before);
  const then = standing(answer.after);
  const worse = answer.after.missing > answer.before.missing;
  return (
    <Box sx={{ mt: 1.5 }} role="status">
      <Box component="table" sx={{ width: '100%', borderSpacing: 0, '& th': { textAlign: 'left' } }}>
        <thead>
          <tr>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
          </tr>
        </thead>
        <tbody>
          {now.map((line, i) => (
            <tr key={line}>
              <td>{line}</td>
              <Box
                component="td"
                sx={(t) => (worse && i === 0 ? { color: t.vars.palette.house.rust, fontWeight: 600 } : {})}
              >
                {then[i]}
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box component="ul" aria-label="Visits that move" sx={{ m: 0, mt: 0.75, pl: 2.25, fontSize: 14 }}>
        {answer.moved.slice(0, MOVES).map((one) => (
          <li key={`${one.tag} ${one.from ?? ''} ${one.to ?? ''}`}>{movedWords(one)}</li>
        ))}
        {answer.moved.length > MOVES && <li>and {answer.moved.length - MOVES} more</li>}
      </Box>
      {answer.moved.length === 0 && <Box sx={{ fontSize: 14 }}>No visit moves.</Box>}
    </Box>
  );
}

function Decide({ change, able, onDone }: { change: Change; able: boolean; onDone: () => void }) {
  const keep = useSigned('/api/plan/changes', {});
  const send = () => keep.send({ change }, { onSuccess: onDone });
  useCommands('plan', able && keep.ready ? { keep: send } : {});
  const { keys } = COMMANDS.plan;
  return (
    <Box sx={{ mt: 1.25 }}>
      <ProblemNote sentences={keep.error ? [keep.error.message] : []} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" disabled={!able || !keep.ready} onClick={send}>
          Keep
          <Key of={keys.keep} />
        </Button>
        <Button variant="outlined" onClick={onDone}>
          Drop
          <Key of={keys.drop} />
        </Button>
      </Box>
    </Box>
  );
}
