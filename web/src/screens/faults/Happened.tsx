import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { happenedWords, wetWords } from '../../words/faults';
import { momentOf } from '../../words/format';

/** The path so far: what was checked and answered, and everything after it. */
export function Happened({ fault }: { fault: Schemas['FaultPage'] }) {
  const others = fault.happened.filter((h) => h.kind !== 'ANSWERED' && h.kind !== 'TAKEN_BACK');
  if (fault.path.length === 0 && others.length === 0) return null;
  return (
    <Panel title="So far">
      <Box component="ol" aria-label="Answers" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {fault.path.map((made, i) => (
          <Box component="li" key={i} sx={{ py: 0.5, overflowWrap: 'anywhere' }}>
            {made.title} <strong>{made.answer ?? 'Cannot tell'}</strong>
            <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
              {made.by}, {momentOf(made.at)}
            </Box>
          </Box>
        ))}
      </Box>
      {others.map((h, i) => (
        <Box key={i} sx={{ py: 0.5, overflowWrap: 'anywhere' }}>
          <strong>{happenedWords[h.kind]}</strong>
          {h.what && `: ${h.what.toLowerCase()}`}
          {h.wet && `: ${wetWords[h.wet].toLowerCase()}`}
          {h.note && `. ${h.note}`}
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            {h.by}, {momentOf(h.at)}
          </Box>
        </Box>
      ))}
    </Panel>
  );
}
