import { findingWords, FIGURE_UNIT, measureWords, outcomeWords, stepWords } from './bench';
import { words } from './en';
import { happenedWords } from './faults';
import { BURNED } from './format';
import { closedWords, logKindWords, sawChangeWords } from './log';
import { taskWords } from './schedule';
import { stockWords } from './stores';

/** Words for codes that paper, sheets and calendars say too: written beside the screens when they are built. */
export const wordsForServer: Record<string, Record<string, string>> = {
  step: titles(stepWords),
  finding: findingWords,
  measure: measureWords,
  figureUnit: FIGURE_UNIT,
  outcome: outcomeWords,
  task: taskWords,
  kind: logKindWords,
  decision: closedWords,
  sawChange: sawChangeWords,
  faultEvent: happenedWords,
  tensionOutcome: words.outcome,
  method: words.method,
  tips: words.tips,
  work: words.work,
  wood: words.wood,
  burned: BURNED,
  power: words.power,
  handle: words.handle,
  oiler: words.oiler,
  brakeSeat: words.brakeSeat,
  adjuster: words.adjuster,
  sequence: words.sequence,
  profile: words.profile,
  nose: words.nose,
  sprocketKind: words.sprocketKind,
  stock: stockWords,
};

function titles(steps: Record<string, { title: string }>): Record<string, string> {
  return Object.fromEntries(Object.entries(steps).map(([code, step]) => [code, step.title]));
}
