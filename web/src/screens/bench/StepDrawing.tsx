import type { Schemas } from '../../api/client';
import { BarSection } from '../../parts/BarSection';
import { SprocketDrawing } from '../../parts/SprocketDrawing';
import type { StepDraft } from './stepDraft';

/** Steps that draw what is measured, in the place of the saw. */
export const DRAWN: Schemas['Step'][] = ['GROOVE', 'RAILS', 'SPROCKET'];

const GAUGE_MM: Record<Schemas['Gauge'], number> = { G_043: 1.09, G_050: 1.27, G_058: 1.47, G_063: 1.6 };

/** The part in section with the figures just typed. */
export function StepDrawing({
  visit,
  step,
  draft,
  verdict,
}: {
  visit: Schemas['VisitPage'];
  step: Schemas['StepView'];
  draft: StepDraft;
  verdict: Schemas['StepVerdict'] | undefined;
}) {
  const typed = (measure: Schemas['Measure']) => {
    const figure = Number((draft.figures[measure] ?? '').replace(',', '.').replace('mm', ''));
    return draft.figures[measure]?.trim() && Number.isFinite(figure) ? figure : undefined;
  };
  const fails = verdict?.outcome === 'FAIL';
  const { profile } = visit.saw;
  if (step.step === 'GROOVE' || step.step === 'RAILS') {
    const tang = profile.tangMm;
    const depth =
      verdict?.clearanceMm !== undefined && tang !== undefined ? verdict.clearanceMm + tang : undefined;
    return (
      <BarSection
        depthMm={depth}
        tangMm={tang}
        widthMm={typed('GROOVE_WIDTH')}
        gaugeMm={profile.gauge ? GAUGE_MM[profile.gauge] : undefined}
        differenceMm={typed('RAIL_DIFFERENCE')}
        scrap={fails}
      />
    );
  }
  return step.step === 'SPROCKET' ? (
    <SprocketDrawing
      wearMm={typed('SPROCKET_WEAR')}
      worn={verdict?.findings.includes('SPROCKET_WORN_OUT') ?? false}
    />
  ) : null;
}
