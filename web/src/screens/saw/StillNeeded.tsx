import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { needWords } from '../../words/work';

/** What is missing until a held saw may go out, in the order of the hands, with one key to each. */
export function StillNeeded({
  tag,
  needs,
  faultId,
}: {
  tag: string;
  needs: Schemas['Need'][];
  faultId: string | undefined;
}) {
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

function placeOf(tag: string, need: Schemas['Need'], faultId: string | undefined): string {
  if (need.kind === 'CAUSE' || need.kind === 'STAND') return faultId ? `/faults/${faultId}` : '/faults';
  if (need.kind === 'NEW_PART') return `/saws/${tag}/edit`;
  if (need.step === 'TENSION') return `/saws/${tag}/tension`;
  return `/saws/${tag}/record?step=${need.step}`;
}
