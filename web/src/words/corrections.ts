import type { Schemas } from '../api/client';
import { stepWords } from './bench';
import { workTitle } from './work';

/** What each saw will be, what will wait anew, and what will wait no more. */
export function effectSentences(effect: Schemas['Effect']): string[] {
  if (effect.saws.length === 0) return ['The saw is retired: this counts once it is back in service.'];
  return effect.saws.map((saw) =>
    [
      saw.before === saw.after
        ? `Saw ${saw.tag} stays ${STATES[saw.after]}.`
        : `Saw ${saw.tag} is ${STATES[saw.before]} and will be ${STATES[saw.after]}.`,
      saw.lost.length > 0 ? `Goes on the work list: ${titles(saw.lost, saw.power)}.` : '',
      saw.gained.length > 0 ? `Comes off the work list: ${titles(saw.gained, saw.power)}.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  );
}

/** Each once; what holds on until it is looked at anew is told by what looks at it. */
function titles(work: Schemas['Waiting'][], power: Schemas['Power']): string {
  const said = work.map((waits) =>
    waits.what === 'PERSON_HOLDS' ? `${stepWords[waits.step].title}, again` : workTitle(waits, power),
  );
  return [...new Set(said)].join('; ');
}

const STATES: Record<Schemas['FitState'], string> = { FIT: 'fit', DUE: 'due', HELD: 'held' };
