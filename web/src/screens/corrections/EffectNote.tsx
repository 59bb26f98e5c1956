import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import type { Problem } from '../../api/problem';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { words } from '../../words/en';
import { workTitle } from '../../words/work';

/** Whether who works here may not do it: it makes a saw more usable. */
export function useRefused(effect: Schemas['Effect'] | undefined): boolean {
  const { person } = usePerson();
  return effect?.officer === true && person?.role !== 'OFFICER';
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
        <ProblemNote sentences={['An officer has to do this: it takes something back that holds.']} />
      )}
    </>
  );
}

/** What each saw will be, what will wait anew, and what will wait no more. */
export function effectSentences(effect: Schemas['Effect']): string[] {
  if (effect.saws.length === 0) return ['The saw is retired: it counts when it comes back.'];
  return effect.saws.map((saw) =>
    [
      saw.before === saw.after
        ? `Saw ${saw.tag} stays ${STATES[saw.after]}.`
        : `Saw ${saw.tag} is ${STATES[saw.before]} and will be ${STATES[saw.after]}.`,
      saw.lost.length > 0 ? `Will wait: ${saw.lost.map(workTitle).join('; ')}.` : '',
      saw.gained.length > 0 ? `Will wait no more: ${saw.gained.map(workTitle).join('; ')}.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  );
}

const STATES: Record<Schemas['FitState'], string> = { FIT: 'fit', DUE: 'due', HELD: 'held' };
