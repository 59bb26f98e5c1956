import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { FormField, FormTicks } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { ForWhoMay } from '../../../parts/ForWhoMay';
import { PartTags } from '../../../parts/PartTag';
import { awayLine, saidWords } from '../../../words/away';
import { dayOf } from '../../../words/format';
import { centsOf, notANumber } from '../../../words/number';
import { SAID_AT, SaidFields, saidForm, saidOf } from '../../saw/away/SaidFields';
import { BookForm } from '../../stores/BookForm';
import { Entry } from './Entry';
import { LooksFields, UNSEEN } from './LooksFields';

type Views = [Schemas['PartAwayView'], ...Schemas['PartAwayView'][]];

/** Parts that went together: who has them, what was said, and what is done when they are back. */
export function PartsGone({ views, named = true }: { views: Views; named?: boolean }) {
  const [open, setOpen] = useState<'word' | 'back'>();
  const [first] = views;
  const tags = views.map((view) => view.part);
  const all = tags.join(', ');
  const close = () => setOpen(undefined);
  const toggle = (form: 'word' | 'back') => setOpen(open === form ? undefined : form);
  return (
    <Entry title={named && <PartTags tags={tags} marked={false} />}>
      <Box sx={(t) => ({ ...(first.overdue && { color: t.vars.palette.house.rust, fontWeight: 600 }) })}>
        {awayLine(first)}. {first.why}.
      </Box>
      <Box component="ul" aria-label={`Said of ${all}`} sx={{ m: 0, pl: 2.25, fontSize: 14 }}>
        {first.said.map((one) => (
          <Box component="li" key={one.at}>
            {dayOf(one.at)}, {one.by}: {saidWords(one)}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <ForWhoMay write="/api/parts-away/back" silent>
          <Button
            variant="outlined"
            size="small"
            aria-expanded={open === 'back'}
            aria-label={`Back: ${all}`}
            onClick={() => toggle('back')}
          >
            {views.length === 1 ? 'It is back' : 'They are back'}
          </Button>
        </ForWhoMay>
        <ForWhoMay write="/api/parts-away/words" silent>
          <Button
            variant="text"
            size="small"
            sx={{ px: 1 }}
            aria-expanded={open === 'word'}
            aria-label={`Something new was said of ${all}`}
            onClick={() => toggle('word')}
          >
            Something new was said
          </Button>
        </ForWhoMay>
        <Button
          variant="text"
          size="small"
          sx={{ px: 1 }}
          href={`/api/paper/parts-away.pdf?${new URLSearchParams({ who: first.who }).toString()}`}
          target="_blank"
          aria-label={`Sheet for ${first.who}`}
        >
          Sheet
        </Button>
      </Box>
      {open && (
        <Box sx={{ maxWidth: 460, mt: 1.5 }}>
          {open === 'word' && <NewWord views={views} onDone={close} />}
          {open === 'back' && <Back views={views} onDone={close} />}
        </Box>
      )}
    </Entry>
  );
}

function NewWord({ views, onDone }: { views: Views; onDone: () => void }) {
  const [{ said }] = views;
  const form = useSignedForm({
    path: '/api/parts-away/words',
    params: {},
    start: saidForm(said[said.length - 1]),
    body: (typed) => ({ parts: views.map((view) => view.part), said: saidOf(typed) }),
    at: () => SAID_AT,
    onDone,
  });
  return (
    <BookForm form={form} act="Write it down">
      <SaidFields control={form.control} of="parts" />
      <FormField control={form.control} name="note" label="What was said" />
    </BookForm>
  );
}

function Back({ views, onDone }: { views: Views; onDone: () => void }) {
  const tags = views.map((view) => view.part);
  const [{ asked }] = views;
  const form = useSignedForm({
    path: '/api/parts-away/back',
    params: {},
    start: { parts: tags, done: '', cost: '', ...UNSEEN },
    body: ({ parts, done, cost, looks }) => {
      const costCents = centsOf(cost);
      return { parts, done, looks, ...(costCents === undefined ? {} : { costCents }) };
    },
    at: () => ({ cost: 'costCents' }),
    onDone,
  });
  const { control } = form;
  return (
    <BookForm form={form} act="Put back on the shelf">
      {tags.length > 1 && (
        <FormTicks
          control={control}
          name="parts"
          title="What is back"
          options={Object.fromEntries(tags.map((tag) => [tag, tag]))}
        />
      )}
      <FormField control={control} name="done" label="What was done" autoFocus />
      <FormField
        control={control}
        name="cost"
        label="What each cost"
        hint="Empty while there is no bill"
        check={notANumber}
      />
      <LooksFields control={control} asked={asked} />
    </BookForm>
  );
}
