import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { usePreviewed } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import type { SetForm } from './form';
import { setInput } from './form';

/** Asks, while typing, whether the chosen parts fit each other. */
export function useFitCheck(set: SetForm, sawTag: string | undefined) {
  return usePreviewed('/api/fit-check', {}, { ...(sawTag ? { sawTag } : {}), set: setInput(set) });
}

/** What a line still lacks. */
function lineSays(answer: Schemas['FitAnswer'], line: string): string {
  const lacks = answer.fields.filter((field) => field.field === 'set.figures').map((field) => field.sentence);
  return line.trim() === '' ? '' : lacks.join(' ');
}

/** The fit check in words. */
export function FitAnswer({ answer, set }: { answer: Schemas['FitAnswer'] | undefined; set: SetForm }) {
  if (!answer) return null;
  if (answer.misfits.length > 0) {
    return <ProblemNote sentences={['This set does not fit.', ...answer.misfits.map((m) => m.sentence)]} />;
  }
  if (set.line !== undefined) {
    return (
      <Box
        role="status"
        sx={{ my: 1.5, fontWeight: 600, color: answer.understood ? 'success.main' : 'text.secondary' }}
      >
        {answer.understood
          ? `Read as ${answer.understood}. They fit each other.`
          : lineSays(answer, set.line)}
      </Box>
    );
  }
  const chosen = [set.bar, set.chain, set.sprocket].filter((p) => p.source !== 'NONE').length;
  const open = answer.fields.length > 0;
  return (
    <Box role="status" sx={{ my: 1.5, fontWeight: 600, color: open ? 'text.secondary' : 'success.main' }}>
      {chosen === 0
        ? 'No set: the saw stays held until one is fitted and read.'
        : open
          ? 'It fits so far. Some figures are still missing.'
          : chosen === 3
            ? 'Bar, chain and sprocket fit each other.'
            : 'These parts fit each other. The set is not complete: the saw stays held.'}
    </Box>
  );
}
