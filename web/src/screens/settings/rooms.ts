import type { Section } from '../../parts/Why';

/** Settings that belong together, by how their keys begin. */
interface Group {
  prefix: string;
  title: string;
}

/** A part of the work and its settings: one at a time is looked at. */
export interface Room {
  id: string;
  title: string;
  /** Section of the handbook that gives the reasons. */
  section?: Section;
  groups: Group[];
}

/** Choices, seasons and the calibration stand in the first. */
export const HOUSE = 'house';

/** What nobody has given a place. */
const ELSE: Group = { prefix: '', title: 'All else' };

export const ROOMS: Room[] = [
  { id: HOUSE, title: 'House', groups: [ELSE] },
  {
    id: 'tension',
    title: 'Tension',
    section: 3,
    groups: [
      { prefix: 'tension.target', title: 'Target pull-down' },
      { prefix: 'tension.work', title: 'Next work' },
      { prefix: 'tension.tang', title: 'Tang depth by pitch' },
      { prefix: 'tension.ratio', title: 'Verdict of tang line, lift and snap' },
      { prefix: 'tension.rail-touch', title: 'Rail touch' },
      { prefix: 'tension.coin-gap', title: 'Coin gap' },
      { prefix: 'tension.twelfth', title: 'Twelfth past touch' },
      { prefix: 'tension.scale', title: 'Common scale' },
      { prefix: 'tension.reading', title: 'What a reading can be' },
      { prefix: 'tension.check', title: 'Tension check' },
      { prefix: 'tension.recheck', title: 'New chain' },
      { prefix: 'tension.soak', title: 'New chain, soak' },
      { prefix: 'tension.growth', title: 'Chain growth' },
      { prefix: 'tension.travel', title: 'Adjuster travel' },
      { prefix: 'tension.take-up', title: 'Taking up fast' },
      { prefix: 'tension.replace-chain', title: 'Replacing a chain' },
      { prefix: 'tension', title: 'All else' },
    ],
  },
  { id: 'edge', title: 'Edge', section: 4, groups: [{ prefix: 'edge', title: 'Edge' }] },
  { id: 'bar', title: 'Bar', section: 5, groups: [{ prefix: 'bar', title: 'Bar' }] },
  {
    id: 'drive',
    title: 'Sprocket and cadence',
    section: 6,
    groups: [{ prefix: 'drive', title: 'Sprocket and cadence' }],
  },
  {
    id: 'oiling',
    title: 'Bar oil and leaks',
    section: 7,
    groups: [{ prefix: 'oiling', title: 'Bar oil and leaks' }],
  },
  { id: 'brake', title: 'Brake', section: 8, groups: [{ prefix: 'brake', title: 'Brake' }] },
  { id: 'engine', title: 'Fuel', section: 9, groups: [{ prefix: 'engine', title: 'Fuel' }] },
  {
    id: 'schedule',
    title: 'Schedule',
    section: 10,
    groups: [
      { prefix: 'schedule.weight', title: 'What weighs more' },
      { prefix: 'schedule', title: 'Limits and minutes' },
      { prefix: 'access', title: 'Opening and closing' },
      { prefix: 'repair', title: 'Small repairs' },
      { prefix: 'minutes', title: 'Minutes taken' },
      { prefix: 'plan', title: 'The plan' },
      { prefix: 'pack', title: 'Day pack' },
    ],
  },
  {
    id: 'diagnosis',
    title: 'Fault finder',
    section: 12,
    groups: [{ prefix: 'diagnosis', title: 'Fault finder' }],
  },
  {
    id: 'wear',
    title: 'Wear and stores',
    section: 14,
    groups: [
      { prefix: 'wear', title: 'How long parts last' },
      { prefix: 'stores', title: 'Stores' },
      { prefix: 'away', title: 'Repair or replace' },
      { prefix: 'insight', title: 'What stands out' },
    ],
  },
  { id: 'backup', title: 'Backups', groups: [{ prefix: 'backup', title: 'Backups' }] },
];

/**
 * The room and the group of a setting: the first whose prefix fits, so that a narrower one may stand before a wider one. What fits
 * nowhere stands at the end of the first: no setting is out of reach.
 */
export function placeOf(key: string): { room: Room; group: Group } {
  for (const room of ROOMS) {
    const group = room.groups.find(({ prefix }) => prefix !== '' && key.startsWith(`${prefix}.`));
    if (group) return { room, group };
  }
  return { room: ROOMS[0] as Room, group: ELSE };
}
