import { ForWhoMay } from '../../parts/ForWhoMay';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { Heading } from '../../parts/Heading';
import { findingWords, stepWords } from '../../words/bench';
import { momentOf } from '../../words/format';
import { workTitle } from '../../words/work';
import { useSigned } from '../../shell/signed';
import { StillNeeded } from './StillNeeded';

/** A held saw: why, who, what is still needed, and the release once everything is proved. */
export function HoldPanel({
  tag,
  power,
  holds,
  work,
  needs,
  mayRelease,
}: {
  tag: string;
  power: Schemas['Power'];
  holds: Schemas['OpenHold'][];
  work: Schemas['Waiting'][];
  needs: Schemas['Need'][];
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
      {once(holds).map((hold) => (
        <HoldLine key={hold.id} hold={hold} />
      ))}
      {byItself(work, holds).map((waits) => (
        <Box key={workTitle(waits, power)} sx={{ my: 0.75, fontWeight: 600 }}>
          {workTitle(waits, power)}
        </Box>
      ))}
      <StillNeeded tag={tag} needs={needs} faultId={holds.find((hold) => hold.faultId)?.faultId} />
      <ProblemNote sentences={release.error ? [release.error.message] : []} />
      {mayRelease ? (
        <ForWhoMay write="/api/saws/{tag}/release">
          <Button
            variant="contained"
            sx={{ mt: 1 }}
            disabled={!release.ready}
            onClick={() => release.send({})}
          >
            Release saw {tag}
          </Button>
        </ForWhoMay>
      ) : (
        holds.length > 0 && (
          <Box sx={{ fontSize: 14, color: 'text.secondary', mt: 1 }}>
            Only an officer lifts it, when everything is proved.
          </Box>
        )
      )}
    </Box>
  );
}

/** One word of a person holds for several steps at once: it is said once, not proved while one of them is not. */
function once(holds: Schemas['OpenHold'][]): Schemas['OpenHold'][] {
  const said = new Map<string, Schemas['OpenHold']>();
  for (const hold of holds) {
    const word =
      hold.origin === 'RULE' ? hold.id : [hold.by, hold.note, hold.faultId, hold.at.slice(0, 16)].join();
    const before = said.get(word);
    said.set(word, before ? { ...before, cleared: before.cleared && hold.cleared } : hold);
  }
  return [...said.values()];
}

/** What a hold says by itself. */
const SAID_BY_HOLDS: Schemas['Waiting']['what'][] = [
  'STEP_FAILED',
  'PERSON_HOLDS',
  'COMPLAINT_HOLDS',
  'LOOK_ANEW',
  'RELEASE_WAITS',
];

/** What holds without anybody having held it: the set was apart, it rested, the brake was not tried. */
function byItself(work: Schemas['Waiting'][], holds: Schemas['OpenHold'][]): Schemas['Waiting'][] {
  return work.filter(
    (waits) =>
      waits.state === 'HELD' &&
      !SAID_BY_HOLDS.includes(waits.what) &&
      !(waits.what === 'FINDING_HOLDS' && holds.some((hold) => hold.findings.includes(waits.finding))),
  );
}

function HoldLine({ hold }: { hold: Schemas['OpenHold'] }) {
  const fell = hold.fell;
  return (
    <Box sx={{ my: 0.75, overflowWrap: 'anywhere' }}>
      <Box sx={{ fontWeight: 600 }}>{reason(hold)}</Box>
      <Box sx={{ fontSize: 14 }}>
        Held {momentOf(hold.at)} by {hold.by}.
        {hold.note && hold.origin === 'RULE' && ` ${hold.note.replace(/\.$/, '')}.`}{' '}
        {hold.struck && 'That failure was struck out: nobody knows how it is until somebody looks. '}
        {hold.cleared && 'Proved. Only the release is missing.'}
      </Box>
      {fell && (
        <Box sx={{ fontSize: 14 }}>
          Released {momentOf(fell.at)} by {fell.by}. That release fell {momentOf(fell.struckAt)}:{' '}
          {fell.struckBy} struck out its proof, {stepWords[fell.step].title.toLowerCase()} (
          {fell.reason.replace(/\.$/, '')}).
        </Box>
      )}
    </Box>
  );
}

function reason(hold: Schemas['OpenHold']): string {
  if (hold.findings.length > 0) return hold.findings.map((f) => findingWords[f]).join(', ');
  if (hold.origin !== 'RULE') return hold.note ?? 'Held by a person';
  return hold.step === 'TENSION'
    ? 'The tension was not safe'
    : hold.step === 'OIL_CARD' && hold.note
      ? 'Not oiling'
      : `${stepWords[hold.step].title}: failed`;
}
