import { FEW } from '../../parts/more';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { Field } from '../../parts/Field';
import { words } from '../../words/en';
import { workReason, workTitle } from '../../words/work';

type Wanted = Schemas['FitState'] | 'ALL';

/** What of the waiting work is looked at: by state, and by a word of a saw or of its work. */
export function useWorkFilter(rows: Schemas['WorkRow'][]): {
  rows: Schemas['WorkRow'][];
  asked: string;
  fields: ReactNode;
} {
  const [state, setState] = useState<Wanted>('ALL');
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const shown = rows.filter(
    (row) => (state === 'ALL' || row.state === state) && (wanted === '' || said(row).includes(wanted)),
  );
  const count = (of: Schemas['FitState']) => rows.filter((row) => row.state === of).length;
  const options = [
    { value: 'ALL' as Wanted, label: `All ${rows.length}` },
    ...(['HELD', 'DUE', 'FIT'] as const)
      .filter((of) => count(of) > 0)
      .map((of) => ({
        value: of as Wanted,
        label: `${of === 'FIT' ? 'Later' : words.state[of]} ${count(of)}`,
      })),
  ];
  return {
    rows: shown,
    asked: `${state} ${wanted}`,
    fields: rows.length > FEW && (
      <Box role="search" sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end', mb: 1 }}>
        <Choice<Wanted> label="Show" value={state} options={options} onChange={setState} />
        <Box sx={{ flex: '1 1 180px', maxWidth: 320 }}>
          <Field label="Saw, work or crew" value={text} onChange={setText} />
        </Box>
      </Box>
    ),
  };
}

function said(row: Schemas['WorkRow']): string {
  return [
    row.tag,
    row.crew ?? '',
    ...row.work.map((work) => `${workTitle(work, row.power)} ${workReason(work, row.power)}`),
  ]
    .join(' ')
    .toLowerCase();
}
