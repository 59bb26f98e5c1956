import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import type { Problem } from '../../api/problem';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { effectSentences } from '../../words/corrections';
import { words } from '../../words/en';

/** Whether who works here may not do it: it makes a saw more usable. */
export function useRefused(effect: Schemas['Effect'] | undefined): boolean {
  const me = usePerson();
  return effect?.officer === true && me?.role !== 'OFFICER';
}

/** What a correction will do to the saws, before it is done. */
export function EffectNote({
  effect,
  error,
}: {
  effect: Schemas['Effect'] | undefined;
  error: Problem | null;
}) {
  const refused = useRefused(effect);
  return (
    <>
      <Box role="status" aria-label="What this does" sx={{ fontSize: 14 }}>
        {error
          ? error.message
          : effect
            ? effectSentences(effect).map((line) => <div key={line}>{line}</div>)
            : words.loading}
      </Box>
      {refused && (
        <ProblemNote sentences={['Only an officer can do this: it takes back something that holds.']} />
      )}
    </>
  );
}
