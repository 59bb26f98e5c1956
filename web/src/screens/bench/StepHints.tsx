import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { byGauge } from '../../words/units';
import { flipSentence, pairingWords } from '../../words/edge';

const BLUED: Record<Schemas['BluedBy'], string> = {
  DULL: 'it is past its sharpening, or the crew saw dust',
  TIGHT: 'it was read too tight',
  DRY: 'the oil card was faint or empty',
};

/** What the records know beforehand of what the hand will meet at a step. */
export function hints(visit: Schemas['VisitPage'], step: Schemas['Step']): string[] {
  const known = visit.hints;
  switch (step) {
    case 'NOSE_GREASE':
      if (!known.nose || known.nose.missed === 0) return [];
      return [
        `Grease was missed ${known.nose.missed} ${known.nose.missed === 1 ? 'time' : 'times'}.${known.nose.clearFirst && visit.saw.profile.nose === 'GREASABLE_SPROCKET' ? ' Clear the hole first, or change the policy: the next shot would push the dirt into the bearing.' : ''}`,
      ];
    case 'BLUING_CAUSE':
      return known.bluing.length > 0
        ? [`Look there first: ${known.bluing.map((cause) => BLUED[cause]).join('; then ')}.`]
        : ['Nothing on record points to one of them.'];
    case 'REFIT':
      return known.flip ? [flipSentence(known.flip)] : [];
    case 'DEPTH_GAUGES':
      return known.gaugeTargetMm === undefined
        ? []
        : [`Aim for ${byGauge(known.gaugeTargetMm)} below the edge on this loop.`];
    case 'DRESS_RAILS':
      return [`A dressing costs about ${byGauge(known.dressingMm)} of groove.`];
    case 'SPROCKET':
    case 'REPLACE_CHAIN':
    case 'REPLACE_SPROCKET':
      return known.pairing.map((note) => pairingWords[note]);
    default:
      return [];
  }
}

export function StepHints({ visit, step }: { visit: Schemas['VisitPage']; step: Schemas['Step'] }) {
  return hints(visit, step).map((hint) => (
    <Box key={hint} sx={{ fontSize: 17, fontWeight: 600 }}>
      {hint}
    </Box>
  ));
}
