import Box from '@mui/material/Box';
import type { Dispatch, SetStateAction } from 'react';
import type { Problem } from '../../api/problem';
import { Field } from '../../parts/Field';
import { byGauge, inUnit } from '../../words/units';
import type { Draft } from './draft';

/** What tells the growth of the chain beside the turns; asked for after a refit, when the turns say nothing. */
export function GrowthInputs({
  draft,
  setDraft,
  error,
  apart,
}: {
  draft: Draft;
  setDraft: Dispatch<SetStateAction<Draft>>;
  error: Problem | null;
  apart: boolean;
}) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0, display: 'grid', gap: 1 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        Growth of the chain
      </Box>
      {apart && (
        <Box sx={{ fontSize: 14 }}>
          The set was apart, so today’s turns say nothing of growth. Any one of these does.
        </Box>
      )}
      <Field
        label="Adjuster, turns out from its stop"
        inputMode="decimal"
        value={draft.adjusterPlace}
        onChange={(adjusterPlace) => setDraft((d) => ({ ...d, adjusterPlace }))}
        problem={error?.at('adjusterPlace')}
      />
      <Field
        label={inUnit('Length over ten drive links')}
        hint="Rivet to rivet, chain pulled straight"
        value={draft.tenLinks}
        onChange={(tenLinks) => setDraft((d) => ({ ...d, tenLinks }))}
        problem={error?.at('tenLinks')}
      />
      <Field
        label={inUnit('Play per joint')}
        hint={`Such as ${byGauge(0.08)}`}
        value={draft.jointPlay}
        onChange={(jointPlay) => setDraft((d) => ({ ...d, jointPlay }))}
        problem={error?.at('jointPlay')}
      />
    </Box>
  );
}
