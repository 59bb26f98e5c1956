import { findingWords, FIGURE_UNIT, measureWords, outcomeWords, stepWords, whyWords } from './bench';
import { words } from './en';
import { happenedWords } from './faults';
import { BURNED } from './format';
import { closedWords, logKindWords, sawChangeWords } from './log';
import { packWords } from './pack';
import { taskWords } from './schedule';
import { partWord } from './partWord';
import { stockWords } from './stores';

/** Words for codes that paper, sheets and calendars say too: written beside the screens when they are built. */
export const wordsForServer: Record<string, Record<string, string>> = {
  step: titles(stepWords),
  caution: cautions(stepWords),
  why: whyWords,
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
  pack: packWords,
  part: {
    SAW: partWord('SAW'),
    CHAIN: partWord('CHAIN'),
    BAR: partWord('BAR'),
    SPROCKET: partWord('SPROCKET'),
  },
};

function titles(steps: Record<string, { title: string }>): Record<string, string> {
  return Object.fromEntries(Object.entries(steps).map(([code, step]) => [code, step.title]));
}

/** Of each step; of one that asks for no caution, nothing. */
function cautions(steps: Record<string, { caution?: string }>): Record<string, string> {
  return Object.fromEntries(Object.entries(steps).map(([code, step]) => [code, step.caution ?? '']));
}
