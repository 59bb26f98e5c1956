import type { Schemas } from '../api/client';

export const logKindWords: Record<Schemas['LogKind'], string> = {
  STEP: 'Bench work',
  OUT: 'Going out',
  BACK: 'Coming back',
  FITTED: 'Sets fitted',
  HELD: 'Holds by a person',
  RELEASED: 'Releases',
  VISIT_ENDED: 'Visits closed',
  SAW: 'Saws retired, brought back, retagged',
  FAULT: 'Faults',
};

/** What the rules said of a saw when its visit was closed. */
export const closedWords: Record<Schemas['FitState'], string> = {
  FIT: 'fit for use',
  DUE: 'usable, work waits',
  HELD: 'held',
};

export const sawChangeWords: Record<Schemas['SawChanged']['change'], string> = {
  RETIRED: 'Retired',
  BROUGHT_BACK: 'Brought back into the fleet',
  TAGGED: 'Given another tag',
};
