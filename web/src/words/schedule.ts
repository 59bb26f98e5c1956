import type { Schemas } from '../api/client';
import { BURNED, rounded } from './format';

export const taskWords: Record<Schemas['Task'], string> = {
  TENSION: 'Tension check',
  BRAKE: 'Brake function',
  OUTSIDE_LOOK: 'Outside look',
  OIL_CARD: 'Oil card test',
  FULL_CLEAN: 'Clean under the cover',
  SHARPEN: 'Sharpen',
  DEPTH_GAUGES: 'Depth gauges',
  EQUALISE: 'Equalise on the machine',
  GROOVE_FLIP: 'Groove, holes, turn the bar over',
  DRESS_RAILS: 'Dress rails',
  NOSE_GREASE: 'Nose grease',
  SPROCKET: 'Measure the sprocket',
  BEARING: 'Bearing grease',
  AIR_FILTER: 'Air filter',
  PLUG: 'Plug',
  ARRESTOR: 'Arrestor screen',
  STARTER: 'Starter, fins, rope',
  TANKS: 'Pick-up filters, caps, hoses',
  STRIP_DOWN: 'Strip-down inspection',
};

export const familyWords: Record<Schemas['Family'], string> = {
  TENSION: 'Tension',
  EDGE: 'Edge',
  BAR: 'Bar',
  OILING: 'Oiling',
  BRAKE: 'Brake',
  ENGINE: 'Engine',
};

export const stageWords: Record<Schemas['Stage'], string> = {
  CLOSED: 'closed',
  COVER_OFF: 'cover off',
  BAR_OFF: 'bar off',
  DRUM_OFF: 'drum off',
  TOP_COVER_OFF: 'top cover off',
  SCREEN_OUT: 'screen out',
  STARTER_OFF: 'starter off',
  TANKS_DRAINED: 'tanks drained',
  RUNNING: 'running',
};

const CONDITIONS: Record<Schemas['Condition'], string> = {
  HARD: 'hard wood',
  DIRTY: 'dirty wood',
  FROZEN: 'frozen wood',
  RAIN: 'rain',
  LIMBING: 'limbing',
};

export const eventWords: Record<Schemas['DueEvent'], string> = {
  GROUND_STRUCK: 'ground was struck',
  DUST_SEEN: 'dust instead of chips',
  EQUALISED: 'brought to one length, which lowers the cutters',
  CHAIN_SLACK: 'came back with a slack chain',
  RAIN: 'it was out in rain',
  COMPLAINT: 'the crew complained',
  SEASON_STARTS: 'the season has started',
  NEW_SPROCKET: 'a sprocket was changed: a new needle bearing goes with it',
  NEVER_DONE: 'there is no record of it',
};

/** A count in its unit: 4 tanks, 1 charge, 2 run hours. */
export function units(count: number, unit: Schemas['UseUnit'], power: Schemas['Power'] = 'PETROL'): string {
  const one = Math.abs(count - 1) < 1e-9;
  const word = {
    TANKS: BURNED[power],
    OUTINGS: 'outing',
    DAYS: 'day',
    DAYS_IN_USE: 'day in use',
    FIRE_SEASON_DAYS: 'day in fire season',
    SHARPENINGS: 'sharpening',
    LOOPS: 'loop',
  }[unit];
  const many = word.startsWith('day in') ? word.replace('day', 'days') : `${word}s`;
  return `${rounded(count, 1)} ${one ? word : many}`;
}

/** Why a limit stands where it stands: "4 tanks count as 6: hard, dirty wood". */
export function countWords(limit: Schemas['LimitView'], power: Schemas['Power']): string {
  const used = units(limit.raw, limit.unit, power);
  const of = `of ${rounded(limit.limit, 1)}`;
  if (limit.heavier.length === 0)
    return `${rounded(limit.raw, 1)} of ${units(limit.limit, limit.unit, power)}`;
  const verb = Math.abs(limit.raw - 1) < 1e-9 ? 'counts' : 'count';
  return `${used} ${verb} as ${rounded(limit.counted, 1)} ${of}: ${conditionWords(limit.heavier)}`;
}

/** Conditions in words; hard and dirty share the wood. */
export function conditionWords(conditions: Schemas['Condition'][]): string {
  const said = conditions.map((c) => CONDITIONS[c]);
  const wood = said.filter((w) => w.endsWith(' wood')).map((w) => w.replace(' wood', ''));
  const rest = said.filter((w) => !w.endsWith(' wood'));
  return [...(wood.length ? [`${wood.join(', ')} wood`] : []), ...rest].join(', ');
}
