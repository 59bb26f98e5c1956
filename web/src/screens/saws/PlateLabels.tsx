import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { paths } from '../../api/schema';
import { Field, Pick } from '../../parts/Field';
import { byRule } from '../../words/units';

type Paper = paths['/api/paper/labels.pdf']['get']['parameters']['query']['paper'];

/** What a paper is known by: its sheet, how many labels are on it, and how large one is, in mm. */
const PAPERS: Record<Paper, { sheet: string; onPage: number; width: number; height: number }> = {
  A4_21: { sheet: 'A4', onPage: 21, width: 63.5, height: 38.1 },
  A4_14: { sheet: 'A4', onPage: 14, width: 99.1, height: 38.1 },
  A4_24: { sheet: 'A4', onPage: 24, width: 70, height: 37 },
  LETTER_30: { sheet: 'US Letter', onPage: 30, width: 66.675, height: 25.4 },
  LETTER_14: { sheet: 'US Letter', onPage: 14, width: 101.6, height: 33.867 },
};

function paperWords(paper: Paper): string {
  const { sheet, onPage, width, height } = PAPERS[paper];
  return `${sheet}, ${onPage} of ${byRule(width)} by ${byRule(height)}`;
}

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
          options={(Object.keys(PAPERS) as Paper[]).map((p) => ({ value: p, label: paperWords(p) }))}
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
