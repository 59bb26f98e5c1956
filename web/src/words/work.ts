import type { Schemas } from '../api/client';
import { percent, rounded, tanks } from './format';

type Work = Schemas['WaitingWork'];

/** What waits, in one line. */
export function workTitle(work: Work): string {
  switch (work.what) {
    case 'NO_SET_FITTED':
      return 'Fit a complete cutting set';
    case 'THROW_RISK':
      return 'Chain can be thrown. Tighten and read again';
    case 'RELEASE_WAITS':
      return 'Last check passed. Release it';
    case 'NOT_READ_SINCE_APART':
      return 'Read the tension: the set was apart';
    case 'TOO_TIGHT':
      return 'Too tight when last read. Slacken and read again';
    case 'LOOSE':
      return 'Loose when last read. Adjust before use';
    case 'TIGHT_SPOT':
      return 'Binds in one place. Find the link or the nose';
    case 'READING_NOT_FAIR':
      return 'Last reading was not fair. Read again';
    case 'READ_HOT':
      return 'Read hot. Read again on the cold chain';
    case 'GROWN_TO_LIMIT':
      return `Chain has grown ${percent(work.figure)}. Replace it`;
    case 'TRAVEL_NEARLY_USED':
      return `Adjuster has ${percent(work.figure)} of its travel left. Replace the chain`;
    case 'RECHECK_ONE_MINUTE':
      return 'New chain: run one minute, read again';
    case 'RECHECK_LIGHT_CUTTING':
      return 'New chain: five minutes of light cutting, read again';
    case 'RECHECK_FIRST_TANK':
      return 'New chain has run its first tank. Read again';
    case 'CHECK_DUE':
      return 'Tension check';
    case 'TAKES_UP_FAST':
      return `Takes up fast: ${rounded(work.figure, 2)} mm of loop a tank`;
    case 'GROWN_TO_WATCH':
      return `Chain has grown ${percent(work.figure)}. Watch it`;
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
      return 'New chain: last recheck after its first tank';
    case 'FIRST_CUTS_WAIT':
      return 'Set was apart: read again after the first cuts';
  }
}

/** Why it waits. */
export function workReason(work: Work): string {
  switch (work.what) {
    case 'NO_SET_FITTED':
      return 'Bar, chain or sprocket is missing';
    case 'THROW_RISK':
      return 'Last reading: throw risk';
    case 'RELEASE_WAITS':
      return 'Only an officer lifts a hold';
    case 'NOT_READ_SINCE_APART':
      return 'No reading on this set yet';
    case 'RECHECK_ONE_MINUTE':
    case 'RECHECK_LIGHT_CUTTING':
    case 'RECHECK_FIRST_TANK':
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
      return `${work.figure} of 3 rechecks done`;
    case 'CHECK_DUE':
      return `${tanks(work.figure)} since the last good reading`;
    case 'TAKES_UP_FAST':
      return 'Suspect a worn sprocket, loose nuts or dry running';
    case 'GROWN_TO_WATCH':
    case 'GROWN_TO_LIMIT':
      return 'Limits are estimates; the maker’s word wins';
    case 'FIRST_CUTS_WAIT':
      return 'A set that was apart settles';
    case 'TRAVEL_NEARLY_USED':
      return 'Growth of the chain has used it up';
    default:
      return 'Tension';
  }
}

/** One word for the foot of a held plate. */
export function holdWord(what: Schemas['What'] | undefined): string {
  switch (what) {
    case 'NO_SET_FITTED':
      return 'No set';
    case 'THROW_RISK':
      return 'Chain';
    case 'RELEASE_WAITS':
      return 'Release';
    case 'NOT_READ_SINCE_APART':
      return 'Unread';
    default:
      return 'Held';
  }
}
