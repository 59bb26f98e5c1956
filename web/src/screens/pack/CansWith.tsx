import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { useCans } from '../../api/queries';
import { StateMark } from '../../parts/StateMark';
import { canSentence } from '../../words/fuel';

/** Cans that have fuel of these ratios in them already, and how old it is. */
export function CansWith({ lines }: { lines: Schemas['PackLine'][] }) {
  const { data: cans = [] } = useCans();
  const ratios = lines.filter((line) => line.kind === 'FUEL_MIX').map((line) => line.figure);
  const there = cans.filter((can) => ratios.includes(can.ratio));
  if (there.length === 0) return null;
  return (
    <Box
      component="ul"
      aria-label="Mixed already"
      sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0, fontSize: 14 }}
    >
      {there.map((can) => (
        <Box component="li" key={can.id} sx={{ py: 0.25, overflowWrap: 'anywhere' }}>
          <StateMark state={can.age.old ? 'HELD' : 'FIT'}>{can.name}</StateMark> {canSentence(can)}
        </Box>
      ))}
    </Box>
  );
}
