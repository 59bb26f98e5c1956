import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { useCans } from '../../api/queries';
import { StateMark } from '../../parts/StateMark';
import { canSentence } from '../../words/fuel';

/** Which can it is filled from: its age is counted, and fuel that is too old is flagged before it is in the tank. */
export function CanChoice({
  ratio,
  chosen,
  onChoose,
}: {
  ratio: number | undefined;
  chosen: string | undefined;
  onChoose: (can: Schemas['CanView']) => void;
}) {
  const { data: cans } = useCans();
  if (!cans || cans.length === 0) return null;
  return (
    <Box role="group" aria-label="From which can" sx={{ display: 'grid', gap: 0.75 }}>
      {cans.map((can) => (
        <Button
          key={can.id}
          variant="outlined"
          aria-pressed={chosen === can.name}
          onClick={() => onChoose(can)}
          sx={(t) => ({
            justifyContent: 'flex-start',
            textAlign: 'left',
            minHeight: 52,
            background: chosen === can.name ? t.vars.palette.house.beam : t.vars.palette.background.paper,
            color: chosen === can.name ? t.vars.palette.house.onBeam : undefined,
            '&:hover': chosen === can.name ? { background: t.vars.palette.house.beam } : {},
          })}
        >
          <Box component="span" sx={{ fontWeight: 400 }}>
            <Box component="span" sx={{ display: 'block', fontWeight: 600 }}>
              {can.age.old ? <StateMark state="HELD">{`Can ${can.name}`}</StateMark> : `Can ${can.name}`}
            </Box>
            {canSentence(can)}
            {ratio !== undefined && can.ratio !== ratio && (
              <Box component="span" sx={{ display: 'block', fontWeight: 600 }}>
                Not the ratio of this saw, which is {ratio}:1.
              </Box>
            )}
          </Box>
        </Button>
      ))}
    </Box>
  );
}
