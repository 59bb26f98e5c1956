import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { Caution } from '../../../parts/Caution';
import { FormField, FormTicks } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { ForWhoMay } from '../../../parts/ForWhoMay';
import { Panel } from '../../../parts/Panel';
import { ProblemNote } from '../../../parts/ProblemNote';
import { awayLine, billWords, saidWords, weighedWords } from '../../../words/away';
import { dayOf } from '../../../words/format';
import { centsOf, notANumber } from '../../../words/number';
import { SAID_AT, SaidFields, saidForm, saidOf } from './SaidFields';

interface Props {
  tag: string;
  power: Schemas['Power'];
  page: Schemas['AwayPage'];
  view: Schemas['AwayView'];
}

/** A mechanic or dealer has the saw: what was said, whether repairing pays, and what is done when it is back. */
export function AwayNow({ tag, power, page, view }: Props) {
  const [open, setOpen] = useState<'word' | 'back'>();
  const close = () => setOpen(undefined);
  return (
    <Panel title="Away">
      <Box sx={(t) => ({ fontWeight: 600, ...(view.overdue && { color: t.vars.palette.house.rust }) })}>
        {awayLine(view)}.
      </Box>
      <Box sx={{ overflowWrap: 'anywhere' }}>{view.why}</Box>
      <Box sx={{ mt: 1 }}>{billWords(page, power)}</Box>
      {view.weighed && <Box>{weighedWords(view.weighed, power)}</Box>}
      <Box component="ul" aria-label="Said so far" sx={{ m: 0, mt: 1, pl: 2.25, fontSize: 14 }}>
        {view.said.map((one) => (
          <Box component="li" key={one.at} sx={{ overflowWrap: 'anywhere' }}>
            {dayOf(one.at)}, {one.by}: {saidWords(one)}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <ForWhoMay write="/api/away/{awayId}/back" silent>
          <Button variant="contained" onClick={() => setOpen('back')}>
            Saw {tag} is back
          </Button>
        </ForWhoMay>
        <ForWhoMay write="/api/away/{awayId}/words" silent>
          <Button variant="outlined" onClick={() => setOpen('word')}>
            Something new was said
          </Button>
        </ForWhoMay>
        <Button
          variant="text"
          href={`/api/paper/away.pdf?${new URLSearchParams({ saw: tag }).toString()}`}
          target="_blank"
        >
          Sheet for the mechanic
        </Button>
      </Box>
      {open === 'word' && <NewWord view={view} onDone={close} />}
      {open === 'back' && <Back tag={tag} page={page} view={view} onDone={close} />}
    </Panel>
  );
}

function NewWord({ view, onDone }: Pick<Props, 'view'> & { onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/away/{awayId}/words',
    params: { path: { awayId: view.id } },
    start: saidForm(view.said[view.said.length - 1]),
    body: (typed) => ({ said: saidOf(typed) }),
    at: () => SAID_AT,
    onDone,
  });
  return (
    <Box component="form" onSubmit={submit} sx={FIELDS}>
      <SaidFields control={control} of="saw" />
      <Box sx={{ gridColumn: '1 / -1' }}>
        <FormField control={control} name="note" label="What was said" />
      </Box>
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="contained" disabled={!ready}>
        Write it down
      </Button>
    </Box>
  );
}

function Back({ tag, page, view, onDone }: Omit<Props, 'power'> & { onDone: () => void }) {
  const there = page.faults.filter((fault) => fault.stage === 'WITH_MECHANIC');
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/away/{awayId}/back',
    params: { path: { awayId: view.id } },
    start: { done: '', cost: '', putRight: there.map((fault) => fault.id) },
    body: ({ done, cost, putRight }) => {
      const costCents = centsOf(cost);
      return { done, putRight, ...(costCents === undefined ? {} : { costCents }) };
    },
    at: () => ({ cost: 'costCents' }),
    onDone,
  });
  return (
    <Box component="form" onSubmit={submit} sx={FIELDS}>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Caution>
          Nobody here knows what was opened. Saw {tag} is held from now on, until it is set back and proved:
          chain the right way round, tension, nuts, chain brake.
        </Caution>
      </Box>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <FormField control={control} name="done" label="What was done" autoFocus />
      </Box>
      <FormField
        control={control}
        name="cost"
        label="What it cost"
        hint="Empty while there is no bill"
        check={notANumber}
      />
      {there.length > 0 && (
        <FormTicks
          control={control}
          name="putRight"
          title="Put right, as they say"
          options={Object.fromEntries(there.map((fault) => [fault.id, fault.title]))}
        />
      )}
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="contained" disabled={!ready} sx={{ gridColumn: '1 / -1' }}>
        Take saw {tag} in
      </Button>
    </Box>
  );
}

const FIELDS = {
  display: 'grid',
  gap: 1.25,
  mt: 1.5,
  alignItems: 'end',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(2, minmax(0, 1fr))' },
};
