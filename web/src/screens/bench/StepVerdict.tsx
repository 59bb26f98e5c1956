import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { BenchBar } from '../../parts/BenchBar';
import { figures } from '../../theme';
import { findingWords, measureWords, stepWords } from '../../words/bench';
import { fileBackSentence, sampleWords } from '../../words/edge';
import { gradeWords } from '../../words/faults';
import { byGauge } from '../../words/units';
import { dayOf } from '../../words/format';

/** What the report means before it is saved: outcome, what was found, what opens, and the keys to go on. */
export function StepVerdict({
  answer,
  said,
  done,
  children,
}: {
  answer: Schemas['StepAnswer'] | undefined;
  said: Schemas['StepOutcome'] | undefined;
  /** The word for a step that has simply been done. */
  done: boolean;
  children: ReactNode;
}) {
  const verdict = answer?.verdict;
  const outcome = verdict?.outcome ?? said;
  return (
    <BenchBar
      said={
        <>
          {outcome && (
            <Box sx={(t) => ({ ...figures, fontSize: 25, color: t.vars.palette.house.tag })}>
              {done && outcome === 'FINE' ? 'Done' : WORDS[outcome]}
            </Box>
          )}
          <Box sx={{ flex: '1 1 200px' }}>{sentence(answer, outcome)}</Box>
        </>
      }
    >
      {children}
    </BenchBar>
  );
}

/** Parts do not heal: said before it is saved, so that the hand measures again while it is there. */
function doubtSentence(doubt: Schemas['Doubt']): string {
  return `${measureWords[doubt.measure]} ${byGauge(doubt.figure)} is better than ${byGauge(doubt.before)} on ${dayOf(doubt.beforeAt)}: measure again. Until a second reading agrees, this one does not count.`;
}

const WORDS: Record<Schemas['StepOutcome'], string> = { FINE: 'Fine', ATTEND: 'Needs work', FAIL: 'Fail' };

function sentence(
  answer: Schemas['StepAnswer'] | undefined,
  outcome: Schemas['StepOutcome'] | undefined,
): string {
  const verdict = answer?.verdict;
  const parts = (answer?.doubts ?? []).map(doubtSentence);
  if (verdict) {
    if (verdict.clearanceMm !== undefined) {
      parts.push(
        `Clearance ${byGauge(verdict.clearanceMm)}, about ${verdict.dressingsLeft ?? 0} dressings left (est.).`,
      );
    }
    if (verdict.gaugeTargetMm !== undefined) parts.push(`Aim for ${byGauge(verdict.gaugeTargetMm)}.`);
    if (verdict.oilGrade) parts.push(`Bar oil for today: ${gradeWords[verdict.oilGrade].toLowerCase()}.`);
    if (verdict.plan) parts.push(sampleWords(verdict.plan));
    if (verdict.fileBack) {
      parts.push(
        fileBackSentence(verdict.fileBack, verdict.gaugeTargetMm === undefined ? 'DAMAGE' : 'GAUGES'),
      );
    }
    if (verdict.findings.length > 0)
      parts.push(`${verdict.findings.map((f) => findingWords[f]).join('; ')}.`);
    if (verdict.opens.length > 0) {
      parts.push(`Also needed: ${verdict.opens.map((s) => stepWords[s].title.toLowerCase()).join(', ')}.`);
    }
  }
  if (outcome === 'FAIL') parts.push('This holds the saw.');
  if (parts.length === 0) return outcome ? '' : 'Choose fine, needs work or fail.';
  return parts.join(' ');
}
