import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { BURNED, percent } from '../../words/format';
import { growthSource, othersOfGrowth } from '../../words/growth';
import { SLACK_SUSPECTS } from '../../words/work';
import { byGauge, length } from '../../words/units';
import { list } from '../../words/format';

/** What the growth means, in sentences; says what it stands on. */
export function GrowthWords({
  tension,
  power,
}: {
  tension: Schemas['TensionPage'];
  power: Schemas['Power'];
}) {
  const growth = tension.growth?.now;
  if (!growth) return null;
  const takeUp = tension.takeUp;
  return (
    <Box sx={{ mt: 1, maxWidth: 640, '& p': { my: 0.5 } }}>
      <p>
        Grown <strong>{length(growth.mm)}</strong>, {percent(growth.percent)} of the loop,{' '}
        {growthSource[growth.leads]}.{othersOfGrowth(growth)}
        {growth.travelLeftMm !== undefined && growth.travelLeftPercent !== undefined && (
          <>
            {' '}
            Adjuster travel left: {length(growth.travelLeftMm)}, {percent(growth.travelLeftPercent)}.
          </>
        )}
      </p>
      <p>
        <strong>
          {growth.advice === 'RETIRE'
            ? 'Retire this loop.'
            : growth.advice === 'WATCH'
              ? 'Watch it, and have the next loop ready.'
              : 'Well within its limits.'}
        </strong>{' '}
        The limits are estimates.
      </p>
      {takeUp && takeUp.state !== 'TOO_FEW_READINGS' && takeUp.recentMmPerTank !== undefined && (
        <p>
          Takes up {byGauge(takeUp.recentMmPerTank)} of loop a {BURNED[power]} of late
          {takeUp.pastMmPerTank !== undefined && `, ${byGauge(takeUp.pastMmPerTank)} before`}
          {takeUp.sistersMmPerTank !== undefined && `, its sisters ${byGauge(takeUp.sistersMmPerTank)}`}.
          {takeUp.state === 'FASTER_THAN_ITS_PAST' &&
            ` Much faster than its own past: suspect ${list(SLACK_SUSPECTS, 'or')}.`}
          {takeUp.state === 'FASTER_THAN_ITS_SISTERS' &&
            ` Much faster than its sisters: suspect ${list(SLACK_SUSPECTS, 'or')}.`}
        </p>
      )}
      {takeUp?.state === 'TOO_FEW_READINGS' && <p>Too few readings to say how fast it takes up.</p>}
    </Box>
  );
}
