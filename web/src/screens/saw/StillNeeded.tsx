import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { needWords } from '../../words/work';

/** What is missing until a held saw may go out, in the order of the hands, with one key to each. */
export function StillNeeded({
  tag,
  work,
  faultId,
}: {
  tag: string;
  work: Schemas['Waiting'][];
  faultId: string | undefined;
}) {
  const needs = needsOf(work);
  if (needs.length === 0) return null;
  return (
    <Box sx={{ mt: 1 }}>
      <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
        Still needed, in this order
      </Box>
      <Box component="ol" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 0.5 }}>
        {needs.map((need) => (
          <Box component="li" key={keyOf(need)}>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center' }}>
              <Box sx={{ flex: '1 1 150px' }}>{needWords(need)}</Box>
              <Button component={Link} to={placeOf(tag, need, faultId)} size="small" variant="outlined">
                {ACTS[need.kind]}
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const ACTS: Record<Schemas['NeedKind'], string> = {
  CAUSE: 'To the fault',
  STAND: 'To the fault',
  NEW_PART: 'Change the part',
  REPAIR: 'Record it',
  FIGURE: 'Measure it',
  PASS: 'Record it',
};

const keyOf = (need: Schemas['Need']) => `${need.kind} ${need.step} ${need.measure ?? ''}`;

/** Every proof that a hold still wants, once, in the order in which the most urgent hold names it. */
export function needsOf(work: Schemas['Waiting'][]): Schemas['Need'][] {
  const found = new Map<string, Schemas['Need']>();
  for (const waits of work) {
    for (const need of waits.state === 'HELD' ? provedBy(waits) : []) {
      found.set(keyOf(need), found.get(keyOf(need)) ?? need);
    }
  }
  // A saw that lies open is closed before it runs.
  const needs = [...found.values()];
  return [
    ...needs.filter((need) => !RUNNING.includes(need.step)),
    ...needs.filter((need) => RUNNING.includes(need.step)),
  ];
}

const RUNNING: Schemas['Step'][] = ['BRAKE_RUNNING', 'CONTROLS', 'OIL_CARD'];

/** What says no more than its step is proved by that step. */
function provedBy(waits: Schemas['Waiting']): Schemas['Need'][] {
  if ('needs' in waits) return waits.needs;
  if (waits.what === 'NO_SET_FITTED') return [{ kind: 'NEW_PART', step: waits.step }];
  return 'step' in waits ? [{ kind: 'PASS', step: waits.step }] : [];
}

function placeOf(tag: string, need: Schemas['Need'], faultId: string | undefined): string {
  if (need.kind === 'CAUSE' || need.kind === 'STAND') return faultId ? `/faults/${faultId}` : '/faults';
  if (need.kind === 'NEW_PART') return `/saws/${tag}/edit`;
  if (need.step === 'TENSION') return `/saws/${tag}/tension`;
  return `/saws/${tag}/record?step=${need.step}`;
}
