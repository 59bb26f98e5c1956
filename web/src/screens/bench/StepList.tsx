import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../../api/client';
import type { StepSaw } from '../../words/bench';
import { groupWords, outcomeWords, stepOn } from '../../words/bench';

/** Stages and steps in the order of the hands, each with how it stands. */
export function StepList({
  steps,
  saw,
  current,
  onChoose,
}: {
  steps: Schemas['StepView'][];
  saw: StepSaw;
  current: Schemas['Step'] | undefined;
  onChoose: (step: Schemas['Step']) => void;
}) {
  const groups = [...new Set(steps.map((s) => s.group))];
  return (
    <Box component="nav" aria-label="Steps of the visit">
      {groups.map((group) => (
        <Box key={group} sx={{ mb: 1 }}>
          <Box component="h2" sx={{ fontSize: 13, fontWeight: 600, color: 'text.secondary', m: 0, mb: 0.25 }}>
            {groupWords[group]}
          </Box>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {steps.map(
              (step, i) =>
                step.group === group && (
                  <li key={step.step}>
                    <StepLine
                      step={step}
                      title={stepOn(step.step, saw).title}
                      number={i + 1}
                      current={step.step === current}
                      onChoose={() => onChoose(step.step)}
                    />
                  </li>
                ),
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function StepLine({
  step,
  title,
  number,
  current,
  onChoose,
}: {
  step: Schemas['StepView'];
  title: string;
  number: number;
  current: boolean;
  onChoose: () => void;
}) {
  const stands = step.record ? outcomeWords[step.record.outcome] : 'open';
  return (
    <Box
      component="button"
      type="button"
      aria-current={current ? 'step' : undefined}
      aria-label={`${number} ${title}, ${stands}`}
      onClick={onChoose}
      sx={(t) => ({
        font: 'inherit',
        fontSize: 14,
        lineHeight: 1.25,
        width: '100%',
        minHeight: { xs: 44, md: 28 },
        display: 'grid',
        gridTemplateColumns: '22px 1fr 16px',
        gap: 1,
        alignItems: 'center',
        textAlign: 'left',
        px: 0.75,
        py: 0.5,
        border: 0,
        borderRadius: '5px',
        cursor: 'pointer',
        background: current ? t.vars.palette.house.beam : 'transparent',
        color: current ? t.vars.palette.house.onBeam : t.vars.palette.text.primary,
        fontWeight: current ? 600 : 400,
      })}
    >
      <Box component="span" sx={{ fontSize: 12, textAlign: 'right', opacity: 0.75 }}>
        {number}
      </Box>
      <span>
        {title}
        {step.optional && !step.record && (
          <Box component="span" sx={{ display: 'block', fontSize: 12, opacity: 0.8 }}>
            {step.why === 'PAST_UNKNOWN' ? 'past unknown' : 'worth doing now'}
          </Box>
        )}
      </span>
      <StepMark outcome={step.record?.outcome} optional={step.optional} />
    </Box>
  );
}

/** How a step stands: full is fine, half wants attending, a struck box failed, dashes were passed over. */
function StepMark({ outcome, optional }: { outcome: Schemas['WorkOutcome'] | undefined; optional: boolean }) {
  const { house } = useTheme().vars.palette;
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      <rect
        x="1.5"
        y="1.5"
        width="13"
        height="13"
        rx="3"
        fill={outcome === 'FINE' ? house.good : outcome === 'FAIL' ? house.rust : 'none'}
        stroke={outcome === 'FAIL' ? house.rust : outcome === 'ATTEND' ? house.tagEdge : house.steel}
        strokeWidth="1.6"
        strokeDasharray={outcome === 'SKIPPED' || (!outcome && optional) ? '3 2' : undefined}
      />
      {outcome === 'ATTEND' && <path d="M2 14V5l12-3z" fill={house.tagEdge} />}
      {outcome === 'FAIL' && <path d="M4 12L12 4" stroke={house.onRust} strokeWidth="2.2" />}
      {outcome === 'SKIPPED' && <path d="M4 8h8" stroke={house.steel} strokeWidth="2" />}
    </svg>
  );
}
