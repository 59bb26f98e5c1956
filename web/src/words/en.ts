import type { Schemas } from '../api/client';

/** Every fixed word on screen, in one place per language. Sentences with figures are in the files beside this one. */
export const words = {
  product: 'Yellow Tally',
  loading: 'Fetching the records.',
  screenFailed: [
    'This screen failed.',
    'What was saved is safe. Open it again, or go on with another screen.',
  ],
  screenAway: [
    'The server does not answer, so this screen cannot be fetched.',
    'What was saved is safe. It opens by itself when the server is back.',
  ],
  away: 'The server does not answer. Nothing is lost; try again when it is back.',
  noTag: (tag: string) => `There is no saw or part ${tag}. Check the tag on its plate.`,
  unsaved: 'What you typed here is not saved yet. Save it, or leave by the menu above.',
  openAgain: 'Open it again',
  reload: 'Reload everything',
  notSaved: 'Something went wrong on our side. It was not saved; try again.',
  fileAway:
    'The file could not be sent: it changed while it was read, or the server is away. Choose it again.',
  noScreen: 'There is no such page. The board is one key away: B.',
  manual: 'The maker’s manual, local rules and a qualified mechanic come before this program.',

  makeSafe: {
    PETROL: 'Engine off, plug lead off.',
    BATTERY: 'Battery out.',
    CORDED: 'Unplugged.',
  } satisfies Record<Schemas['Power'], string>,

  loop: {
    wearMark: 'Cutter length at its wear mark',
    file: 'Round file size',
    newCutter: 'Cutter length when new, if measured',
    tangDepth: 'Tang depth, if measured',
  },

  fuel: {
    PETROL: 'Tanks',
    BATTERY: 'Charges',
    CORDED: 'Run hours',
  } satisfies Record<Schemas['Power'], string>,

  outcome: {
    TOO_TIGHT: 'Too tight',
    FIRM: 'Firm',
    RIGHT: 'Right',
    LOOSE: 'Loose',
    THROW_RISK: 'Throw risk',
    TIGHT_SPOT: 'Tight spot',
    JAMMED: 'Jammed',
    STUCK_TIGHT: 'Stuck, too tight',
    NO_VERDICT: 'No verdict',
  } satisfies Record<Schemas['TensionOutcome'], string>,

  method: {
    TANG_LINE: 'Tang line',
    LIFT_AND_SNAP: 'Lift and snap',
    RAIL_TOUCH: 'Rail touch',
    COIN_GAP: 'Coin gap',
    TWELFTH_PAST_TOUCH: 'Twelfth past touch',
  } satisfies Record<Schemas['TensionMethod'], string>,

  methodReads: {
    TANG_LINE: 'Pull-down at mid-bar',
    LIFT_AND_SNAP: 'Lift at mid-bar, on top',
    RAIL_TOUCH: 'Gap to the lower rail, no pull',
    COIN_GAP: 'Gap under a light pull',
    TWELFTH_PAST_TOUCH: 'Degrees past rail touch',
  } satisfies Record<Schemas['TensionMethod'], string>,

  work: {
    FELLING: 'Felling',
    LIMBING: 'Limbing',
    BRUSH: 'Brush',
    BUCKING: 'Bucking',
  } satisfies Record<Schemas['Work'], string>,

  fair: {
    NUTS_SLACK: 'Nuts slack',
    BRAKE_OFF: 'Brake off',
    NOSE_UP: 'Nose held up',
    COLD: 'Cold',
    OILED: 'Oiled',
    PULLED_ROUND: 'Pulled round',
  } satisfies Record<Schemas['FairCondition'], string>,

  unfair: {
    NUTS_SLACK: 'slacken the nuts about half a turn',
    BRAKE_OFF: 'set the brake off',
    NOSE_UP: 'hold the nose up',
    COLD: 'let the chain cool',
    OILED: 'oil the chain',
    PULLED_ROUND: 'pull the chain round once',
  } satisfies Record<Schemas['FairCondition'], string>,

  movement: {
    ONE_FINGER: 'Freely, one finger',
    BY_HAND: 'By hand, with effort',
    WILL_NOT_MOVE: 'Will not move',
  } satisfies Record<Schemas['Movement'], string>,

  tips: {
    INSIDE: 'Inside',
    LEVEL: 'Level',
    CLEAR: 'Clear',
  } satisfies Record<Schemas['TipsPosition'], string>,

  occasion: {
    ROUTINE: 'Routine',
    SET_WAS_APART: 'Set was apart',
    RECHECK_ONE_MINUTE: 'New chain, after one minute running',
    RECHECK_LIGHT_CUTTING: 'New chain, after five minutes of light cutting',
    RECHECK_FIRST_TANK: 'New chain, after its first tank or charge',
    FIRST_CUTS: 'After the first cuts',
  } satisfies Record<Schemas['CheckOccasion'], string>,

  state: { FIT: 'Fit', DUE: 'Due', HELD: 'Held' } satisfies Record<Schemas['FitState'], string>,

  pitch: {
    P_1_4: '1/4"',
    P_3_8_LOW_PROFILE: '3/8" low profile',
    P_325: '.325"',
    P_3_8: '3/8"',
    P_404: '.404"',
  } satisfies Record<Schemas['Pitch'], string>,

  gauge: { G_043: '.043"', G_050: '.050"', G_058: '.058"', G_063: '.063"' } satisfies Record<
    Schemas['Gauge'],
    string
  >,

  nose: {
    SEALED_SPROCKET: 'Sealed sprocket nose',
    GREASABLE_SPROCKET: 'Greasable sprocket nose',
    SOLID: 'Solid nose',
  } satisfies Record<Schemas['NoseKind'], string>,

  sprocketKind: { SPUR: 'Spur', RIM: 'Rim' } satisfies Record<Schemas['SprocketKind'], string>,
  power: { PETROL: 'Petrol', BATTERY: 'Battery', CORDED: 'Corded' } satisfies Record<
    Schemas['Power'],
    string
  >,
  handle: { REAR: 'Rear handle', TOP: 'Top handle' } satisfies Record<Schemas['Handle'], string>,
  oiler: {
    AUTOMATIC_FIXED: 'Automatic, fixed',
    AUTOMATIC_ADJUSTABLE: 'Automatic, adjustable',
    CRANKCASE_PRESSURE: 'Automatic, by crankcase pressure',
    HAND_BULB: 'Hand bulb',
  } satisfies Record<Schemas['OilerKind'], string>,
  brakeSeat: { COVER: 'In the cover', BODY: 'In the body' } satisfies Record<Schemas['BrakeSeat'], string>,
  adjuster: { FRONT: 'Front', SIDE: 'Side', TOOL_FREE: 'Tool-free' } satisfies Record<
    Schemas['Adjuster'],
    string
  >,
  sequence: { STANDARD: 'Standard', HALF_SKIP: 'Half-skip', SKIP: 'Skip' } satisfies Record<
    Schemas['CutterSequence'],
    string
  >,
  profile: {
    FULL_CHISEL: 'Full chisel',
    SEMI_CHISEL: 'Semi-chisel',
    LOW_PROFILE: 'Low profile',
  } satisfies Record<Schemas['CutterProfile'], string>,
  soak: {
    GOOD: 'soaked well',
    SHORT: 'soaked briefly',
    TOO_SHORT: 'barely soaked',
  } satisfies Record<Schemas['SoakVerdict'], string>,
  wood: { SOFT: 'Soft', HARD: 'Hard', DIRTY: 'Dirty', FROZEN: 'Frozen' } satisfies Record<
    Schemas['Wood'],
    string
  >,
  volumeUnit: { LITRE: 'Litres', US_GALLON: 'US gallons' } satisfies Record<Schemas['FuelUnit'], string>,
  lengthUnit: { MM: 'Millimetres', INCH: 'Inches' } satisfies Record<Schemas['LengthUnit'], string>,
};
