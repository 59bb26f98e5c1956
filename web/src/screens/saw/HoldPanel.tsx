import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { Heading } from '../../parts/Heading';
import { findingWords, stepWords } from '../../words/bench';
import { momentOf } from '../../words/format';
import { useSigned } from '../../shell/signed';

/** Holds: why, who, what clears each, and the release once every one is cleared. */
export function HoldPanel({
  tag,
  holds,
  mayRelease,
}: {
  tag: string;
  holds: Schemas['OpenHold'][];
  mayRelease: boolean;
}) {
  const release = useSigned('/api/saws/{tag}/release', { path: { tag } });
  return (
    <Box
      component="section"
      aria-label="Hold"
      sx={(t) => ({ border: `2px dashed ${t.vars.palette.house.rust}`, borderRadius: '8px', p: 2, mb: 2 })}
    >
      <Heading level={2} why={11}>
        Held: must not be used
      </Heading>
      {holds.map((hold) => (
        <Box key={hold.id} sx={{ my: 0.75, overflowWrap: 'anywhere' }}>
          <Box sx={{ fontWeight: 600 }}>{reason(hold)}</Box>
          <Box sx={{ fontSize: 14 }}>
            Held {momentOf(hold.at)} by {hold.by}.
            {hold.note && !hold.byPerson && ` ${hold.note.replace(/\.$/, '')}.`}{' '}
            {hold.cleared
              ? 'Cleared by a passing record.'
              : `Still to be proved: ${stepWords[hold.step].title.toLowerCase()}.`}
          </Box>
        </Box>
      ))}
      <ProblemNote sentences={release.error ? [release.error.message] : []} />
      {mayRelease ? (
        <Button variant="contained" disabled={!release.ready} onClick={() => release.send({})}>
          Release saw {tag}
        </Button>
      ) : (
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>
          Only an officer lifts it, when every reason is cleared.
        </Box>
      )}
    </Box>
  );
}

function reason(hold: Schemas['OpenHold']): string {
  if (hold.findings.length > 0) return hold.findings.map((f) => findingWords[f]).join(', ');
  if (hold.byPerson) return hold.note ?? 'Held by a person';
  return hold.step === 'TENSION' ? 'The chain can be thrown' : `${stepWords[hold.step].title}: failed`;
}
