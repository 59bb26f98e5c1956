import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { ForWhoMay } from '../../../parts/ForWhoMay';
import { PartTags } from '../../../parts/PartTag';
import { pastWords } from '../../../words/away';
import { BookForm } from '../../stores/BookForm';
import { Entry } from './Entry';
import { LooksFields, UNSEEN } from './LooksFields';

type Views = [Schemas['PartAwayView'], ...Schemas['PartAwayView'][]];

/** Parts that came back together, lie on the shelf, and wait for a look. */
export function PartsUnseen({ views, named = true }: { views: Views; named?: boolean }) {
  const [open, setOpen] = useState(false);
  const tags = views.map((view) => view.part);
  return (
    <Entry
      title={
        named ? (
          <>
            <PartTags tags={tags} marked={false} /> back, not looked at
          </>
        ) : (
          'Back, not looked at'
        )
      }
    >
      <Box>{pastWords(views[0])}</Box>
      <ForWhoMay write="/api/parts-away/seen" silent>
        <Button
          variant="outlined"
          size="small"
          sx={{ mt: 1 }}
          aria-expanded={open}
          aria-label={`Look at ${tags.join(', ')}`}
          onClick={() => setOpen(!open)}
        >
          Look at {views.length === 1 ? 'it' : 'them'}
        </Button>
      </ForWhoMay>
      {open && (
        <Box sx={{ maxWidth: 460, mt: 1.5 }}>
          <Seen views={views} onDone={() => setOpen(false)} />
        </Box>
      )}
    </Entry>
  );
}

function Seen({ views, onDone }: { views: Views; onDone: () => void }) {
  const [{ asked }] = views;
  const form = useSignedForm({
    path: '/api/parts-away/seen',
    params: {},
    start: UNSEEN,
    body: ({ looks }) => ({ parts: views.map((view) => view.part), looks }),
    onDone,
  });
  return (
    <BookForm form={form} act="Looked at">
      <LooksFields control={form.control} asked={asked} />
    </BookForm>
  );
}
