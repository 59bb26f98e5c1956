import type { Schemas } from '../../api/client';
import { BarSection } from '../../parts/BarSection';
import { SprocketDrawing } from '../../parts/SprocketDrawing';

/** Steps that draw what is measured, in the place of the saw. */
export const DRAWN: Schemas['Step'][] = ['GROOVE', 'RAILS', 'SPROCKET'];

/** The part in section with the figures as the rules understood them. */
export function StepDrawing({
  visit,
  step,
  answer,
}: {
  visit: Schemas['VisitPage'];
  step: Schemas['StepView'];
  answer: Schemas['StepAnswer'] | undefined;
}) {
  const verdict = answer?.verdict;
  const read = (measure: Schemas['Measure']) => answer?.figures[measure];
  const fails = verdict?.outcome === 'FAIL';
  const { profile } = visit.saw;
  if (step.step === 'GROOVE' || step.step === 'RAILS') {
    return (
      <BarSection
        depthMm={read('GROOVE_DEPTH')}
        tangMm={profile.tangMm}
        clearanceMm={verdict?.clearanceMm}
        widthMm={read('GROOVE_WIDTH')}
        gaugeMm={visit.saw.gaugeMm}
        differenceMm={read('RAIL_DIFFERENCE')}
        scrap={fails}
      />
    );
  }
  return step.step === 'SPROCKET' ? (
    <SprocketDrawing
      wearMm={read('SPROCKET_WEAR')}
      worn={verdict?.findings.includes('SPROCKET_WORN_OUT') ?? false}
    />
  ) : null;
}
