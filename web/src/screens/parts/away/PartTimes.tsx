import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../../api/client';
import { FormField } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { ForWhoMay } from '../../../parts/ForWhoMay';
import { Panel } from '../../../parts/Panel';
import { lookWords, pastWords } from '../../../words/away';
import { BookForm } from '../../stores/BookForm';
import { GiveParts } from './GiveParts';
import { PartsGone } from './PartsGone';
import { PartsUnseen } from './PartsUnseen';

interface Props {
  tag: string;
  times: Schemas['PartAwayView'][];
  /** Whether it lies on the shelf, and may be given away. */
  onShelf: boolean;
}

/** Where one part is or was with a mechanic or dealer, and whether it was looked at since. */
export function PartTimes({ tag, times, onShelf }: Props) {
  const [giving, setGiving] = useState(false);
  const gone = times.find((time) => time.back === undefined);
  const unseen = times.find((time) => time.unseen);
  const done = times.filter((time) => time.back !== undefined && !time.unseen);
  return (
    <Panel title="Mechanic or dealer">
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {gone && <PartsGone views={[gone]} named={false} />}
        {unseen && <PartsUnseen views={[unseen]} named={false} />}
      </Box>
      {unseen && <Looks looks={unseen.looks} />}
      {done.map((time) => (
        <Past key={time.id} time={time} />
      ))}
      {!gone && onShelf && (
        <ForWhoMay write="/api/parts-away" silent>
          <Button
            variant="outlined"
            fullWidth
            sx={{ my: 1 }}
            aria-expanded={giving}
            onClick={() => setGiving(!giving)}
          >
            Give {tag} away
          </Button>
          {giving && <GiveParts tags={[tag]} onDone={() => setGiving(false)} />}
        </ForWhoMay>
      )}
      {times.length === 0 && !onShelf && 'Never.'}
    </Panel>
  );
}

function Past({ time }: { time: Schemas['PartAwayView'] }) {
  return (
    <Box sx={{ py: 0.5, fontSize: 14, overflowWrap: 'anywhere' }}>
      {pastWords(time)}
      <Looks looks={time.looks} />
    </Box>
  );
}

function Looks({ looks }: { looks: Schemas['LookView'][] }) {
  return looks.map((look) => <Look key={look.id} look={look} />);
}

function Look({ look }: { look: Schemas['LookView'] }) {
  const [open, setOpen] = useState(false);
  return (
    <Box>
      {lookWords(look)}{' '}
      {look.struckAt === undefined && (
        <ForWhoMay write="/api/parts-away/looks/{lookId}/struck" silent>
          <Button
            variant="text"
            size="small"
            aria-expanded={open}
            sx={{ p: 0, minWidth: 0, minHeight: 28 }}
            onClick={() => setOpen(!open)}
          >
            Not looked at after all
          </Button>
        </ForWhoMay>
      )}
      {open && <Strike look={look} onDone={() => setOpen(false)} />}
    </Box>
  );
}

function Strike({ look, onDone }: { look: Schemas['LookView']; onDone: () => void }) {
  const form = useSignedForm({
    path: '/api/parts-away/looks/{lookId}/struck',
    params: { path: { lookId: look.id } },
    start: { reason: '' },
    body: (typed) => typed,
    onDone,
  });
  return (
    <BookForm form={form} act="Strike the look out">
      <FormField control={form.control} name="reason" label="Why" autoFocus />
    </BookForm>
  );
}
