import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { happenedWords, wetWords } from '../../words/faults';
import { capital, momentOf } from '../../words/format';
import { useFaultAct } from './useFaultAct';

/** What only moves the questions is not told beside them. */
const QUIET: Schemas['FaultEventKind'][] = ['ANSWERED', 'TAKEN_BACK', 'DOUBTED'];

/** The path so far: what was checked and answered, and everything after it. */
export function Happened({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, problem, pending } = useFaultAct(fault);
  const others = fault.happened.filter((h) => !QUIET.includes(h.kind));
  const asks = fault.stage === 'FIND';
  const doubt = (check: string) => void act('/api/faults/{id}/doubt', { check });
  if (fault.path.length === 0 && others.length === 0 && !(asks && fault.known.length > 0)) return null;
  return (
    <Panel title="So far">
      <ProblemNote sentences={problem ? [problem.message] : []} />
      <Box component="ol" aria-label="Answers" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {fault.path.map((made, i) => (
          <Box component="li" key={i} sx={{ py: 0.5, overflowWrap: 'anywhere' }}>
            {made.title} <strong>{made.answer ?? 'Cannot tell'}</strong>
            <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
              {made.by}, {momentOf(made.at)}
              {asks && <Doubt of={made.title} disabled={pending} onPress={() => doubt(made.check)} />}
            </Box>
          </Box>
        ))}
      </Box>
      {asks && fault.known.length > 0 && (
        <Box component="section" aria-label="Known already">
          <Box component="h3" sx={{ typography: 'h3', m: 0, mt: 1 }}>
            Known already, so not asked
          </Box>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {fault.known.map((known) => (
              <Box component="li" key={known.check} sx={{ py: 0.5, overflowWrap: 'anywhere' }}>
                {capital(known.said)}
                <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
                  {momentOf(known.at)}
                  <Doubt of={known.title} disabled={pending} onPress={() => doubt(known.check)} />
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      )}
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

/** An answer that stands is asked for again, whoever gave it. */
function Doubt({ of, disabled, onPress }: { of: string; disabled: boolean; onPress: () => void }) {
  return (
    <Button
      variant="text"
      size="small"
      aria-label={`Doubt it: ${of}`}
      disabled={disabled}
      onClick={onPress}
      sx={{ minHeight: 44, ml: 1, fontSize: 14, fontWeight: 400 }}
    >
      Doubt it
    </Button>
  );
}
