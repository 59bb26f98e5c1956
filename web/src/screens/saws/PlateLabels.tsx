import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { paths } from '../../api/schema';
import { Field, Pick } from '../../parts/Field';

type Paper = paths['/api/paper/labels.pdf']['get']['parameters']['query']['paper'];

const PAPERS: Record<Paper, { label: string; onPage: number }> = {
  A4_21: { label: 'A4, 21 of 63.5 × 38.1 mm', onPage: 21 },
  A4_14: { label: 'A4, 14 of 99.1 × 38.1 mm', onPage: 14 },
  A4_24: { label: 'A4, 24 of 70 × 37 mm', onPage: 24 },
  LETTER_30: { label: 'US Letter, 30 of 2 5/8 × 1 in', onPage: 30 },
  LETTER_14: { label: 'US Letter, 14 of 4 × 1 1/3 in', onPage: 14 },
};

/** More tags than this do not fit into an address; whoever wants them all asks for all. */
const MOST = 120;

/** Labels for the plates of the saws that are shown, or of all where nothing is left out. */
export function PlateLabels({ tags, all }: { tags: string[]; all: boolean }) {
  const [paper, setPaper] = useState<Paper>('A4_21');
  const [first, setFirst] = useState('1');
  const { onPage } = PAPERS[paper];
  const begins = /^\d+$/.test(first) && Number(first) >= 1 && Number(first) <= onPage;
  const asked = new URLSearchParams({ paper, first });
  if (!all) asked.set('saws', tags.join(','));
  const fits = all || tags.length <= MOST;
  return (
    <Box
      component="section"
      aria-label="Plate labels"
      className="on-screen"
      sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5, mb: 2 }}
    >
      <Box sx={{ width: 260 }}>
        <Pick<Paper>
          label="Label paper"
          value={paper}
          options={(Object.keys(PAPERS) as Paper[]).map((p) => ({ value: p, label: PAPERS[p].label }))}
          onChange={setPaper}
        />
      </Box>
      <Box sx={{ width: 170 }}>
        <Field label={`First label left, 1 to ${onPage}`} value={first} onChange={setFirst} />
      </Box>
      <Button
        variant="outlined"
        href={`/api/paper/labels.pdf?${asked.toString()}`}
        target="_blank"
        disabled={!begins || !fits || tags.length === 0}
      >
        {all ? 'Labels of all saws' : `Labels of ${tags.length === 1 ? '1 saw' : `${tags.length} saws`}`}
      </Button>
      <Box sx={{ color: 'text.secondary', flex: '1 1 200px' }}>
        {fits
          ? 'Number, size and a code that opens the saw’s page on a phone. Print at 100 %, not fitted to the page.'
          : 'Narrow the list down, or show all of it.'}
      </Box>
    </Box>
  );
}
