import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Heading } from '../../parts/Heading';
import { measureWords } from '../../words/bench';
import { byGauge } from '../../words/units';
import { momentOf } from '../../words/format';

/** Figures that are better than the ones before them: parts do not heal, so that somebody measures again. */
export function DoubtedFigures({ tag, doubted }: { tag: string; doubted: Schemas['Doubted'][] }) {
  if (doubted.length === 0) return null;
  return (
    <Box component="section" aria-label="Measured, not believed" sx={{ mb: 2 }}>
      <Heading level={2} why={11}>
        Doubtful readings
      </Heading>
      {doubted.map((figure) => (
        <Box
          key={`${figure.measure} ${figure.at}`}
          sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center', my: 0.5 }}
        >
          <Box sx={{ flex: '1 1 220px' }}>
            {measureWords[figure.measure]} {byGauge(figure.figure)}, {momentOf(figure.at)}: better than the
            time before, and nothing was done that could have bettered it. It counts for nothing until a
            second reading agrees.
          </Box>
          <Button
            component={Link}
            to={`/saws/${tag}/record?step=${STEPS[figure.measure] ?? 'CHAIN_LOOK'}`}
            size="small"
            variant="outlined"
          >
            Measure again
          </Button>
        </Box>
      ))}
    </Box>
  );
}

/** The step that takes the figure again; a cutter is measured by a look at the chain. */
const STEPS: Partial<Record<Schemas['Measure'], Schemas['Step']>> = {
  GROOVE_DEPTH: 'GROOVE',
  GROOVE_WIDTH: 'GROOVE',
  RAIL_DIFFERENCE: 'RAILS',
  SPROCKET_WEAR: 'SPROCKET',
  GAUGE_SETTING: 'DEPTH_GAUGES',
};
