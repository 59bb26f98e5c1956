import type { Schemas } from '../api/client';
import { findingWords, measureWords, stepWords } from './bench';
import { BURNED, capital, list, percent, rounded } from './format';
import { byGauge } from './units';
import { eventWords, taskWords } from './schedule';
import { partWord } from './partWord';

type Work = Schemas['Waiting'];

/** What waits, in one line. */
export function workTitle(work: Work, power: Schemas['Power']): string {
  const tank = BURNED[power];
  switch (work.what) {
    case 'NO_SET_FITTED':
      return 'Fit a complete cutting set';
    case 'THROW_RISK':
      return 'Chain can be thrown. Tighten it cold and read again';
    case 'RELEASE_WAITS':
      return 'Every reason is cleared. Release it';
    case 'JAMMED':
      return 'Chain will not move. Find what holds it';
    case 'STUCK_TIGHT':
      return 'Chain too tight to move. Slacken and read again';
    case 'NOT_SET_BACK':
      return work.needs.length === 1 && work.step === 'TENSION'
        ? 'Read the tension: the set was apart'
        : 'Refit the set: it was apart';
    case 'PART_BACK':
      return `${partWord(work.part)} was with a mechanic. Look at it`;
    case 'NOT_UNDERSTOOD':
      return work.records === 1
        ? 'One of its records cannot be understood'
        : `${work.records} of its records cannot be understood`;
    case 'RESTED':
      return `No use on record for ${work.days} days. Look it over before use`;
    case 'COMPLAINT_HOLDS':
      return 'A complaint holds it';
    case 'LOOK_ANEW':
      return `${stepWords[work.step].title}: a failure was struck out. Look again`;
    case 'TOO_TIGHT':
      return 'Too tight when last read. Slacken and read again';
    case 'LOOSE':
      return 'Loose when last read. Adjust before use';
    case 'TIGHT_SPOT':
      return 'Binds in one place. Find the link or the nose';
    case 'READING_NOT_FAIR':
      return 'Last reading was not valid. Read again';
    case 'READ_HOT':
      return 'Read hot. Read again on the cold chain';
    case 'GROWN_TO_LIMIT':
      return `Chain has grown ${percent(work.percent)}. Replace it`;
    case 'RAN_TOO_TIGHT':
      return 'Ran too tight. Look where the heat went';
    case 'MEASURE_BOTH_SIDES':
      return `Measure both sides: strokes put them ${byGauge(work.differenceMm)} apart`;
    case 'SLACK_AGAIN':
      return `Slack again within a ${tank}, ${work.outings} outings in a row`;
    case 'TRAVEL_NEARLY_USED':
      return `Adjuster has ${percent(work.percent)} of its travel left. Replace the chain`;
    case 'RECHECK_ONE_MINUTE':
      return 'New chain: run one minute, read again';
    case 'RECHECK_LIGHT_CUTTING':
      return 'New chain: five minutes of light cutting, read again';
    case 'RECHECK_FIRST_TANK':
      return `New chain has run its first ${tank}. Read again`;
    case 'CHECK_DUE':
      return 'Tension check';
    case 'FINDING_HOLDS':
      return findingWords[work.finding];
    case 'STEP_FAILED':
      return `${stepWords[work.step].title}: failed`;
    case 'PERSON_HOLDS':
      return 'Held by a person';
    case 'BRAKE_NEVER_TESTED':
      return 'Test the chain brake: there is no test on record';
    case 'BRAKE_OVERDUE':
      return 'Test the chain brake: out again and not tested';
    case 'OIL_STILL_FULL':
      return power === 'PETROL'
        ? 'A whole tank burned and the oil still full'
        : `A whole ${tank} used and the oil still full`;
    case 'NOT_OILING':
      return `Oil use ${rounded(work.share, 2)} times the usual: the chain is not oiled`;
    case 'OIL_USE_LOW':
      return `Oil use ${rounded(work.share, 2)} times the usual: low`;
    case 'OIL_USE_HIGH':
      return `Oil use ${rounded(work.share, 2)} times the usual: runs out early, or leaks`;
    case 'FAULT_SORT':
    case 'FAULT_FIND':
    case 'FAULT_REPAIR':
    case 'FAULT_PROOF':
    case 'FAULT_CLOSES':
    case 'FAULT_STANDS':
    case 'FAULT_MECHANIC':
      return work.about;
    case 'FINDING_WAITS':
      return findingWords[work.finding];
    case 'STEP_ATTENDS':
      return `${stepWords[work.step].title}: see the note`;
    case 'TASK_DUE':
    case 'TASK_SOON':
      return taskWords[work.task];
    case 'TAKES_UP_FAST':
      return `Takes up fast: ${byGauge(work.mmPerTank)} of loop a ${tank}`;
    case 'GROWN_TO_WATCH':
      return `Chain has grown ${percent(work.percent)}. Watch it`;
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
      return `New chain: last recheck after its first ${tank}`;
    case 'FIRST_CUTS_WAIT':
      return 'Set was apart: read again after the first cuts';
  }
}

/** What is missing until a hold may end, one proof. */
export function needWords(need: Schemas['Need']): string {
  const title = stepWords[need.step].title;
  switch (need.kind) {
    case 'CAUSE':
      return 'Find the cause of the complaint';
    case 'STAND':
      return 'A dry day on fresh card';
    case 'FIGURE':
      return need.measure ? `${title}: ${measureWords[need.measure].toLowerCase()} measured` : title;
    case 'NEW_PART':
    case 'REPAIR':
    case 'PASS':
      return title;
  }
}

/** The same in one line, in the order in which it is done. */
export function stillMissing(needs: Schemas['Need'][]): string {
  return needs.length === 0
    ? 'Only the release is missing'
    : `Still missing: ${needs.map((need) => needWords(need).toLowerCase()).join('; ')}`;
}

/** Why it waits. */
export function workReason(work: Work, power: Schemas['Power']): string {
  switch (work.what) {
    case 'NO_SET_FITTED':
      return 'Bar, chain or sprocket is missing';
    case 'THROW_RISK':
      return 'Last reading: throw risk';
    case 'RELEASE_WAITS':
      return 'Only an officer lifts a hold';
    case 'NOT_UNDERSTOOD':
      return 'What it says is not known. The check in the log tells what was altered';
    case 'NOT_SET_BACK':
    case 'PART_BACK':
    case 'RESTED':
    case 'COMPLAINT_HOLDS':
    case 'LOOK_ANEW':
      return stillMissing(work.needs);
    case 'JAMMED':
    case 'STUCK_TIGHT':
      return 'Last reading';
    case 'RECHECK_ONE_MINUTE':
    case 'RECHECK_LIGHT_CUTTING':
    case 'RECHECK_FIRST_TANK':
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
      return `${work.done} of 3 rechecks done`;
    case 'CHECK_DUE':
      return 'Used since the last good reading';
    case 'FINDING_HOLDS':
    case 'STEP_FAILED':
    case 'PERSON_HOLDS':
      return stillMissing(work.needs);
    case 'BRAKE_NEVER_TESTED':
      return 'No data, no release';
    case 'BRAKE_OVERDUE':
      return 'Before each use. No data, no release';
    case 'OIL_STILL_FULL':
      return 'The chain gets no oil. An oil card proves it';
    case 'NOT_OILING':
    case 'OIL_USE_LOW':
      return `Over the last ${BURNED[power]}s. An oil card proves it`;
    case 'OIL_USE_HIGH':
      return 'Turn the adjuster in, or look where it is wet. A passing card does not rule out a leak';
    case 'FAULT_SORT':
      return 'Complaint in words only: choose which it is';
    case 'FAULT_FIND':
      return 'Complaint: find the cause';
    case 'FAULT_REPAIR':
      return `Cause found. To do: ${stepWords[work.step].title.toLowerCase()}`;
    case 'FAULT_PROOF':
      return `Repaired. To prove: ${stepWords[work.step].title.toLowerCase()}`;
    case 'FAULT_CLOSES':
      return 'Repaired and proved. Close the fault';
    case 'FAULT_STANDS':
      return 'Closed only by a dry day on card';
    case 'FAULT_MECHANIC':
      return 'With a qualified mechanic';
    case 'FINDING_WAITS':
    case 'STEP_ATTENDS':
      return `To do: ${stepWords[work.step].title.toLowerCase()}`;
    case 'TASK_DUE':
      return work.events.length > 0
        ? capital(work.events.map((e) => eventWords[e]).join(', '))
        : work.fraction > 1.05
          ? `${rounded(work.fraction, 1)} times its limit`
          : 'Due';
    case 'TASK_SOON':
      return `${rounded(work.fraction * 100, 0)} % of its limit`;
    case 'TAKES_UP_FAST':
      return `Suspect ${list(SLACK_SUSPECTS, 'or')}`;
    case 'MEASURE_BOTH_SIDES':
      return 'Estimate from the strokes on record. Left alone it cuts a curve';
    case 'SLACK_AGAIN':
      return `Suspect, in this order: ${work.needs
        .map((need) => SLACK_SUSPECT[need.step] ?? needWords(need).toLowerCase())
        .join(', ')}`;
    case 'RAN_TOO_TIGHT':
      return `Not looked at since: ${list(
        work.needs.map((need) => stepWords[need.step].title.toLowerCase()),
        'and',
      )}`;
    case 'GROWN_TO_WATCH':
    case 'GROWN_TO_LIMIT':
      return 'Limits are estimates; the maker’s word wins';
    case 'FIRST_CUTS_WAIT':
      return 'A set that was apart settles';
    case 'TRAVEL_NEARLY_USED':
      return 'Growth of the chain has used it up';
    case 'TOO_TIGHT':
    case 'LOOSE':
    case 'TIGHT_SPOT':
    case 'READING_NOT_FAIR':
    case 'READ_HOT':
      return 'Tension';
  }
}

/** One word for the foot of a held plate: what holds it, short enough to hang there. */
export function holdWord(headline: Work | undefined): string {
  switch (headline?.what) {
    case 'NO_SET_FITTED':
      return 'No set';
    case 'THROW_RISK':
      return 'Chain';
    case 'RELEASE_WAITS':
      return 'Release';
    case 'NOT_SET_BACK':
      return 'Apart';
    case 'PART_BACK':
      return partWord(headline.part);
    case 'RESTED':
      return 'Rested';
    case 'NOT_UNDERSTOOD':
      return 'Records';
    case 'JAMMED':
    case 'STUCK_TIGHT':
      return 'Chain';
    case 'BRAKE_NEVER_TESTED':
    case 'BRAKE_OVERDUE':
      return 'Untested';
    case 'OIL_STILL_FULL':
    case 'NOT_OILING':
      return 'Oil';
    case 'PERSON_HOLDS':
      // Anything may be behind a look over; any other step names its part.
      return headline.step === 'OUTSIDE_LOOK' ? 'Held' : (PART_WORD[headline.step] ?? 'Held');
    case 'FINDING_HOLDS':
    case 'STEP_FAILED':
    case 'COMPLAINT_HOLDS':
    case 'LOOK_ANEW':
      return PART_WORD[headline.step] ?? 'Held';
    // What does not hold is no headline of a held saw.
    case 'TOO_TIGHT':
    case 'LOOSE':
    case 'TIGHT_SPOT':
    case 'READING_NOT_FAIR':
    case 'READ_HOT':
    case 'OIL_USE_LOW':
    case 'OIL_USE_HIGH':
    case 'FAULT_SORT':
    case 'FAULT_FIND':
    case 'FAULT_REPAIR':
    case 'FAULT_PROOF':
    case 'FAULT_CLOSES':
    case 'FAULT_STANDS':
    case 'FAULT_MECHANIC':
    case 'FINDING_WAITS':
    case 'STEP_ATTENDS':
    case 'GROWN_TO_LIMIT':
    case 'TRAVEL_NEARLY_USED':
    case 'GROWN_TO_WATCH':
    case 'TAKES_UP_FAST':
    case 'RAN_TOO_TIGHT':
    case 'SLACK_AGAIN':
    case 'MEASURE_BOTH_SIDES':
    case 'RECHECK_ONE_MINUTE':
    case 'RECHECK_LIGHT_CUTTING':
    case 'RECHECK_FIRST_TANK':
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
    case 'FIRST_CUTS_WAIT':
    case 'TASK_DUE':
    case 'CHECK_DUE':
    case 'TASK_SOON':
    case undefined:
      return 'Held';
  }
}

/** Why a chain will not stay tensioned, by the step that looks at it, in the order of the minutes that a look costs. */
const SLACK_SUSPECT: Partial<Record<Schemas['Step'], string>> = {
  TENSION: 'the nose not held up while the nuts were tightened',
  NUTS: 'loose nuts',
  SPROCKET: 'a worn sprocket',
  OIL_CARD: 'dry running',
};

/** The same in one row. */
export const SLACK_SUSPECTS = Object.values(SLACK_SUSPECT);

/** What part a held plate names: short enough for its foot. */
const PART_WORD: Partial<Record<Schemas['Step'], string>> = {
  OUTSIDE_LOOK: 'Guard',
  ELECTRIC_LOOK: 'Electric',
  BRAKE_LEVER: 'Brake',
  INERTIA: 'Brake',
  BRAKE_BAND: 'Brake',
  BRAKE_RUNNING: 'Brake',
  GROOVE: 'Bar',
  RAILS: 'Bar',
  NOSE: 'Nose',
  CHAIN_LOOK: 'Chain',
  EQUALISE: 'Chain',
  SPROCKET: 'Sprocket',
  DEPTH_GAUGES: 'Gauges',
  NUTS: 'Nuts',
  PLUG: 'Plug',
  ARRESTOR: 'Screen',
  TANKS: 'Leak',
  STRIP_DOWN: 'Case',
  CONTROLS: 'Controls',
  OIL_CARD: 'Oil',
};
