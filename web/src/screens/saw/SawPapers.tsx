import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Field } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { today } from '../../words/days';

/** A year ago today. */
function yearBack(): string {
  const [year, rest] = [today().slice(0, 4), today().slice(4)];
  return `${Number(year) - 1}${rest === '-02-29' ? '-02-28' : rest}`;
}

/** What of a saw goes on paper: its certificate for a span of days, and its card. */
export function SawPapers({ tag, retired }: { tag: string; retired: boolean }) {
  const [from, setFrom] = useState(yearBack);
  const [to, setTo] = useState(today);
  const wrong =
    to > today() ? 'This day has not been yet.' : from > to ? 'The first day lies after it.' : undefined;
  const asked = new URLSearchParams({ saw: tag, from, to });
  return (
    <Panel title="Papers">
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <Field label="First day" type="date" value={from} onChange={setFrom} />
        <Field label="Last day" type="date" value={to} onChange={setTo} problem={wrong} />
      </Box>
      <Button
        variant="outlined"
        fullWidth
        sx={{ mt: 1.5 }}
        href={`/api/paper/certificate.pdf?${asked.toString()}`}
        target="_blank"
        disabled={wrong !== undefined || from === '' || to === ''}
      >
        Service certificate
      </Button>
      {!retired && (
        <Button
          variant="text"
          fullWidth
          sx={{ mt: 0.5 }}
          href={`/api/paper/card.pdf?${new URLSearchParams({ saw: tag }).toString()}`}
          target="_blank"
        >
          Card of saw {tag}
        </Button>
      )}
    </Panel>
  );
}
