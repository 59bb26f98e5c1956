import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId, sawPath } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { momentOf } from '../../words/format';

/** A hold: who held it, what clears it, and the release once a check has passed. */
export function HoldPanel({ tag, tension }: { tag: string; tension: Schemas['TensionPage'] }) {
  const { person } = usePerson();
  const release = useWrite<unknown, Schemas['NewRelease']>('POST', sawPath(tag, '/release'));
  const [id] = useState(newId);
  const cleared = tension.work.some((w) => w.what === 'RELEASE_WAITS');
  return (
    <Box
      component="section"
      aria-label="Hold"
      sx={(t) => ({ border: `2px dashed ${t.vars.palette.house.rust}`, borderRadius: '8px', p: 2, mb: 2 })}
    >
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        Held: the chain can be thrown
      </Box>
      <Box sx={{ my: 0.5 }}>
        Held {tension.hold ? momentOf(tension.hold.at) : ''} by {tension.hold?.by}.{' '}
        {cleared
          ? 'The last check passed. An officer may release it.'
          : 'A fair, cold reading that is right or firm must be saved before it can be released.'}
      </Box>
      <ProblemNote sentences={release.error ? [release.error.message] : []} />
      {cleared && (
        <Button
          variant="contained"
          disabled={release.isPending || !person}
          onClick={() => person && release.mutate({ id, personId: person.id })}
        >
          Release saw {tag}
        </Button>
      )}
    </Box>
  );
}
