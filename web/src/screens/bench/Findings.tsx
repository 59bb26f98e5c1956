import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { findingWords, figureWords, measureWords } from '../../words/bench';
import { percent, rounded } from '../../words/format';
import { taskWords } from '../../words/schedule';
import { workReason, workTitle } from '../../words/work';

/** To the right of the hand: what was found and measured, what life is left, what comes after. */
export function Findings({ visit }: { visit: Schemas['VisitPage'] }) {
  const recorded = visit.steps.flatMap((s) => (s.record ? [{ step: s, record: s.record }] : []));
  const measured = recorded.flatMap(({ step, record }) =>
    Object.entries(record.figures).map(([measure, figure]) => ({
      measure: measure as Schemas['Measure'],
      figure,
      kind: step.measures.find((m) => m.measure === measure)?.kind ?? 'COUNT',
    })),
  );
  const found = recorded.filter(({ record }) => record.findings.length > 0);
  const holds = visit.work.filter((w) => w.state === 'HELD');
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      <Part title="Found so far">
        {found.length === 0 && measured.length === 0 && <Muted>Nothing yet.</Muted>}
        {found.map(({ step, record }) => (
          <Box key={step.step} sx={{ py: 0.25 }}>
            {record.findings.map((f) => findingWords[f]).join(', ')}
          </Box>
        ))}
        {measured.map(({ measure, figure, kind }) => (
          <Pair key={measure} name={measureWords[measure]} value={figureWords(figure, kind)} />
        ))}
      </Part>
      {visit.saw.adjusterTravelLeftPercent !== undefined && (
        <Part title="Life left">
          <Pair name="Adjuster travel" value={percent(visit.saw.adjusterTravelLeftPercent)} />
        </Part>
      )}
      {visit.rideAlongs.length > 0 && (
        <Part title="Worth doing now">
          {visit.rideAlongs.map((ride) => (
            <Box key={ride.task} sx={{ py: 0.25 }}>
              {taskWords[ride.task]}: saves {rounded(ride.savedMinutes, 0)} min of opening and closing
            </Box>
          ))}
        </Part>
      )}
      <Part title="After this">
        {holds.length > 0 ? (
          holds.map((w, i) => (
            <Box key={i} sx={{ py: 0.25 }}>
              Held: {workTitle(w, visit.saw.profile.power)}. {workReason(w, visit.saw.profile.power)}
            </Box>
          ))
        ) : (
          <Box>Recheck the tension after the first cuts.</Box>
        )}
      </Part>
    </Box>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}

function Pair({ name, value }: { name: string; value: string }) {
  return (
    <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, py: 0.25 }}>
      <Box sx={{ color: 'text.secondary' }}>{name}</Box>
      <Box sx={{ fontWeight: 600, whiteSpace: 'nowrap' }}>{value}</Box>
    </Box>
  );
}

function Muted({ children }: { children: ReactNode }) {
  return <Box sx={{ color: 'text.secondary' }}>{children}</Box>;
}
