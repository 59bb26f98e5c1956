import type { Schemas } from '../api/client';
import { byGauge, lengthSign, rounded } from './units';
import { words } from './en';

type Step = Schemas['Step'];

interface StepWords {
  title: string;
  /** What the hand does. */
  how: string;
  /** The usual caution at this step. */
  caution?: string;
}

const GLOVES = 'Gloves on: cutters are sharp on a still chain.';

export const stepWords: Record<Step, StepWords> = {
  MAKE_SAFE: {
    title: 'Make safe',
    how: 'Gloves and eye protection on. Nothing is touched before this is done.',
  },
  OUTSIDE_LOOK: {
    title: 'Look over: guard, catcher, bolts, leaks',
    how: 'Read the complaint first. Hand guard and catcher whole, fasteners tight, no wet patch, chain undamaged.',
    caution: GLOVES,
  },
  ELECTRIC_LOOK: {
    title: 'Cable, battery, contacts, slots',
    how: 'Cable or battery whole, contacts bright, cooling slots free.',
  },
  BRAKE_LEVER: {
    title: 'Brake lever on, off',
    how: 'The lever snaps on and off. On, a gloved hand cannot draw the chain; off, it runs free. Leave it OFF.',
    caution: GLOVES,
  },
  INERTIA: {
    title: 'Inertia brake',
    how: 'Engine off. Let the nose drop onto wood as the maker’s manual says: the brake trips.',
    caution: 'Engine off, never over a foot or a bench edge. Second person near.',
  },
  CLEAN_COVER: {
    title: 'Clean cover, cavity, oil outlet',
    how: 'Brake OFF, then the cover comes off. Clean cover, brake cavity, sprocket area and oil outlet.',
    caution:
      'Brake off before the cover. Eye protection with compressed air, and none into the oil outlet. Keep solvents away from heat and plastic.',
  },
  BRAKE_BAND: {
    title: 'Brake band and drum',
    how: 'Band and cavity clean and dry, band whole and not thinned, drum not greasy. Measure the thinnest place.',
  },
  GROOVE: {
    title: 'Groove and oil holes',
    how: 'Clean from nose to tail, both oil holes free. Lay the bar on a flat. Measure the groove.',
    caution: GLOVES,
  },
  RAILS: {
    title: 'Rails: burr, bluing, height',
    how: 'Square across the rails: no light under either. Feel for a lip, look for blue.',
  },
  BLUING_CAUSE: {
    title: 'What blued the bar',
    how: 'Heat comes from a dull chain, a tight chain or no oil. Find which one; it is put right in this visit.',
  },
  DRESS_RAILS: {
    title: 'Dress rails',
    how: 'Draw the burr off with a flat file. Both rails together, long even strokes, stop short of the nose.',
    caution: 'Eye protection for filing, gloves near cutters.',
  },
  NOSE: { title: 'Nose spins free', how: 'It turns freely, has no play and no missing rollers.' },
  NOSE_GREASE: {
    title: 'Nose grease',
    how: 'Clear the hole first. One or two pumps, until clean grease shows all round the nose.',
  },
  CHAIN_LOOK: {
    title: 'Chain: cutters, straps, rivets, links',
    how: 'Go once round the loop. Measure the shortest cutter along its top plate.',
    caution: GLOVES,
  },
  SPROCKET: {
    title: 'Sprocket wear',
    how: 'Measure the wear groove across the teeth. Clip rounded side in, washer not oval.',
  },
  BEARING: {
    title: 'Needle bearing grease',
    how: 'A little grease in the bearing, none on drum or clutch. Wipe the drum dry.',
  },
  REPLACE_SPROCKET: {
    title: 'New sprocket',
    how: 'New bearing with it.',
    caution:
      'Keep a finger over the clip: it springs. Clutch work is for a trained hand, else for a qualified mechanic.',
  },
  REPLACE_BAR: { title: 'New bar', how: 'Choose the bar that goes on. The fit is checked.', caution: GLOVES },
  REPLACE_CHAIN: {
    title: 'New chain',
    how: 'Choose the loop that goes on. A new one is soaked 12 hours first and rechecked three times.',
    caution: GLOVES,
  },
  SHARPEN: {
    title: 'Sharpen',
    how: 'Mark the start cutter. The same number of strokes on every cutter, each side from the other side.',
    caution: 'Gloves and eye protection. Bar clamped, brake on while filing.',
  },
  DEPTH_GAUGES: {
    title: 'Depth gauges',
    how: 'Lay the gauge tool over two cutters and measure how far the gauge sits below the edge: highest and lowest on each side, or one figure if all are alike.',
    caution: 'Set too low they kick back, and only filing the cutters back puts that right.',
  },
  EQUALISE: {
    title: 'Equalise on the machine',
    how: 'Bring all cutters to the length of the shortest healthy one.',
    caution: 'Eye and ear protection at the grinder: it throws grit.',
  },
  NEW_GUARD: {
    title: 'New hand guard',
    how: 'Fit the maker’s own guard, its tabs in their seats. Then look it over and try the lever.',
    caution: GLOVES,
  },
  NEW_CATCHER: {
    title: 'New chain catcher',
    how: 'Fit a new catcher and look it over. It stops a thrown chain from reaching the hand.',
    caution: GLOVES,
  },
  NEW_POWER_PART: {
    title: 'New cable or battery',
    how: 'Only the maker’s own part. A cable is fitted by somebody qualified.',
    caution: 'Battery out or unplugged before any step.',
  },
  NEW_BAND: {
    title: 'New brake band',
    how: 'By the maker’s manual, or at a qualified mechanic. Then measure it and test the brake.',
    caution: 'The brake spring is under load. Eye protection; follow the manual step by step.',
  },
  NEW_CASE_PART: {
    title: 'New part of the case',
    how: 'Done by a qualified mechanic. Note who did it.',
  },
  TIGHTEN: {
    title: 'Nuts, bolts, studs tightened or renewed',
    how: 'Snug them in the maker’s order. A stud that turns in its seat goes to a mechanic.',
    caution: GLOVES,
  },
  TUNE: {
    title: 'Tuned, or the air leak mended',
    how: 'A lean engine burns its piston: find the air leak, or have it tuned to the maker’s figures.',
    caution: 'Ear and eye protection, outdoors. The chain must not creep at idle.',
  },
  NEW_SCREEN: {
    title: 'New arrestor screen',
    how: 'Muffler cold. Fit a whole screen, then look at it.',
    caution: 'The muffler stays hot for a long time.',
  },
  NEW_HOSE: {
    title: 'New hose',
    how: 'Drain the tank, fit the hose, fill up and look for leaks.',
    caution: 'No open fuel near sparks.',
  },
  NEW_ROPE: {
    title: 'New starter rope',
    how: 'Starter off. Wind the new rope onto its wheel, preload it two turns and let it run home slowly.',
    caution: 'The starter spring is under load: eye protection.',
  },
  NEW_CAP_SEAL: {
    title: 'New cap seal',
    how: 'Wipe neck and thread, fit the seal, close it. A leak counts as cured only after a dry day on card.',
    caution: 'No open fuel near sparks.',
  },
  NEW_MOUNT: {
    title: 'New vibration mount',
    how: 'The maker’s own mount, its bolts snug. Then press and twist the handles against the housing.',
    caution: GLOVES,
  },
  NEW_CONTROL_PART: {
    title: 'New trigger, lock or switch part',
    how: 'Fit the maker’s own part. Then try idle, lock and stop switch with the saw running.',
  },
  REFIT: {
    title: 'Refit bar and chain, the right way round',
    how: 'Turn the bar over where its turn has come. Top cutters point to the nose, drive links in groove and on sprocket, pin in its hole.',
    caution: GLOVES,
  },
  TENSION: { title: 'Tension', how: 'Nuts half a turn slack, nose held up until they are tight.' },
  NUTS: { title: 'Nuts tight, rear first', how: 'Nose still up. Rear nut first, then the front one.' },
  AIR_FILTER: {
    title: 'Air filter',
    how: 'Choke closed before it comes off. Blow from inside out or wash in warm soapy water; intake covered.',
    caution: 'Compressed air outdoors, glasses on.',
  },
  PLUG: {
    title: 'Plug',
    how: 'Tan to coffee is right. Dark and oily is rich, white or blistered is lean. Back in snug, not wrenched.',
    caution: 'Engine cold.',
  },
  ARRESTOR: {
    title: 'Arrestor screen',
    how: 'Present, whole, clean.',
    caution: 'Muffler cold. Local rules decide whether a saw may run without it.',
  },
  STARTER: {
    title: 'Starter, fins, rope',
    how: 'Fins clear, rope not frayed, recoil pulls it home.',
    caution: 'The recoil spring is under tension; leave its housing shut unless trained.',
  },
  TANKS: {
    title: 'Tanks, caps, hoses, pick-ups',
    how: 'Drain, look at seals and hoses, clean the pick-up filters.',
    caution: 'No open fuel near sparks or heat. Drained fuel goes back in its can.',
  },
  STRIP_DOWN: {
    title: 'Full strip-down inspection',
    how: 'Case, anti-vibration mounts, muffler, spike bolts, clutch. By the maker’s manual.',
    caution: 'What the manual leaves to a qualified mechanic goes to one.',
  },
  FILL: {
    title: 'Fill fuel and bar oil together',
    how: 'First look how much oil is left: it should go about as fast as the fuel. Only oil made for bars.',
    caution: 'Engine cold, no smoking. Start it three steps away from the cans.',
  },
  BRAKE_RUNNING: {
    title: 'Brake stops the chain',
    how: 'Saw running on the ground as its manual says: full throttle, brake on. The chain stops at once.',
    caution: 'Full protective gear, second person near, clear ground all round.',
  },
  CONTROLS: {
    title: 'Idle, throttle lock, stop switch',
    how: 'Chain stands still at idle. Trigger will not move without its lock. Switch stops the engine.',
    caution: 'Full protective gear, second person near.',
  },
  OIL_CARD: {
    title: 'Oil card',
    how: 'Nose a hand’s width from clean card, chain running well up, half a minute: a line of oil appears.',
    caution: 'Full protective gear, second person near. The nose must not touch the card.',
  },
};

export const groupWords: Record<Schemas['StepGroup'], string> = {
  MAKE_SAFE: 'Make safe, closed',
  COVER_OFF: 'Cover off',
  BAR_OFF: 'Bar and chain off',
  EDGE: 'In the vice',
  CLOSING: 'Closing up',
  ENGINE: 'Engine side',
  RUNNING: 'Filled and running',
};

export const findingWords: Record<Schemas['Finding'], string> = {
  HAND_GUARD_BROKEN: 'Hand guard broken',
  CATCHER_BROKEN: 'Catcher broken or missing',
  CHAIN_DAMAGE_SEEN: 'Chain damaged',
  FASTENER_LOOSE: 'Fastener loose',
  LEAK_SEEN: 'Wet patch, leaks',
  COMPLAINT_CONFIRMED: 'Complaint confirmed',
  CABLE_DAMAGED: 'Cable damaged',
  BATTERY_DAMAGED: 'Battery damaged',
  CONTACTS_DIRTY: 'Contacts dirty',
  SLOTS_PACKED: 'Cooling slots packed',
  LEVER_DOES_NOT_SNAP: 'Lever does not snap',
  CHAIN_DRAWN_WITH_BRAKE_ON: 'Chain can be drawn, brake on',
  CHAIN_DRAGS_WITH_BRAKE_OFF: 'Chain drags, brake off',
  GUARD_TABS_WORN: 'Guard tabs worn',
  INERTIA_NOT_TRIPPED: 'Did not trip',
  OIL_OUTLET_PACKED: 'Oil outlet was packed',
  COVER_CRACKED: 'Cover cracked',
  BAND_THIN: 'Band worn thin',
  BAND_CRACKED: 'Band cracked',
  DRUM_GREASY: 'Drum greasy',
  GROOVE_WATCH: 'Groove shallow, watch it',
  GROOVE_WORN_OUT: 'Groove worn out',
  GROOVE_WIDE: 'Groove too wide',
  TIPS_TOUCH_BOTTOM: 'Tips touch the bottom of the groove',
  CHAIN_TIPS: 'Chain tips sideways',
  BAR_BENT: 'Bar bent',
  OIL_HOLE_BLOCKED: 'Oil hole was blocked',
  BURR: 'Burr on the rail',
  BLUING: 'Rails blued',
  RAILS_UNEVEN: 'Rails uneven',
  RAILS_WITHOUT_ROOM: 'Rails uneven, no room to dress: new bar',
  RAILS_SPENT: 'Rails past dressing',
  RAILS_SPLAYED: 'Rails splayed or chipped',
  BLUED_BY_DULL_CHAIN: 'Dull chain',
  BLUED_BY_TIGHT_CHAIN: 'Tight chain',
  BLUED_BY_NO_OIL: 'No oil',
  RAILS_STILL_UNEVEN: 'Still uneven',
  NOSE_SEIZED: 'Nose seized',
  NOSE_PLAY: 'Nose has play',
  ROLLERS_MISSING: 'Rollers missing',
  NOSE_CHIPPED: 'Nose chipped',
  GREASE_HOLE_BLOCKED: 'Grease hole blocked',
  CUTTER_CRACKED: 'Cutter cracked',
  NOTHING_FILED: 'No stroke was made',
  CUTTER_MISSING: 'Cutter missing or broken off',
  STRAP_CRACKED: 'Strap cracked',
  RIVET_OPEN: 'Rivet open or proud',
  DRIVE_LINK_BENT: 'Drive link bent or broken',
  HOOKS_ROUNDED: 'Drive-link hooks worn round',
  CUTTER_PAST_MARK: 'Cutter past its mark',
  CUTTERS_STRUCK: 'Struck ground or metal',
  CUTTERS_DULL: 'Dull, glint on the corners',
  JOINTS_STIFF: 'Joints stiff',
  SPROCKET_PLAN: 'Worn, plan a new one',
  SPROCKET_WORN_OUT: 'Worn out',
  TEETH_BROKEN: 'Teeth broken',
  CLIP_OR_WASHER_BAD: 'Clip or washer bad',
  BEARING_ROUGH: 'Bearing rough',
  CLUTCH_GREASY: 'Clutch or drum greasy',
  FOUND_STILL_CUTTING: 'Was still cutting',
  FOUND_DULL: 'Was dull',
  FOUND_STRUCK: 'Was struck',
  SHORT_ONE_LEFT_OUT: 'One short cutter left out',
  STROKES_UNEQUAL: 'Strokes differ by side',
  SIDES_LEAD_IN_A_CURVE: 'Sides differ: leads in a curve',
  SIDES_FAR_APART: 'Sides far apart',
  SIDE_UNEVEN: 'One side uneven in itself',
  SHARPENED_PAST_MARK: 'Filing passes the wear mark',
  DAMAGE_PAST_MARK: 'Damage goes past the wear mark',
  GAUGES_HIGH: 'Gauges too high, file them',
  GAUGES_LOW: 'Gauges too low',
  GAUGES_KICKBACK: 'Gauges low enough to kick back',
  SIDES_STILL_UNEVEN: 'Sides still differ',
  FILED_PAST_MARK: 'Filed past the mark',
  BAR_TURNED_OVER: 'Bar turned over',
  BAR_SAME_WAY_UP: 'Bar same way up',
  NUT_OR_STUD_BAD: 'Nut or stud bad',
  FILTER_WORN: 'Worn or torn, renew',
  PLUG_DARK_OILY: 'Dark and oily',
  PLUG_WHITE: 'White or blistered',
  PLUG_WORN: 'Worn, renew',
  SCREEN_BLOCKED: 'Blocked',
  SCREEN_HOLED: 'Has a hole',
  SCREEN_MISSING: 'Missing',
  ROPE_FRAYED: 'Rope frayed',
  FINS_PACKED: 'Fins were packed',
  RECOIL_WEAK: 'Recoil weak',
  CAP_SEAL_WORN: 'Cap seal worn',
  PICK_UP_CLOGGED: 'Pick-up clogged',
  HOSE_LEAKS: 'Hose leaks',
  CASE_CRACKED: 'Case cracked',
  MOUNT_TORN: 'Mount torn',
  MUFFLER_LOOSE: 'Muffler loose',
  SPIKE_BOLTS_LOOSE: 'Spike bolts loose',
  FUEL_OLD: 'Fuel too old',
  OIL_NOT_FOR_BARS: 'Not bar oil',
  CHAIN_NOT_STOPPED: 'Chain does not stop',
  CHAIN_STOPS_SLOWLY: 'Chain stops slowly',
  CHAIN_CREEPS: 'Chain creeps at idle',
  THROTTLE_LOCK_FAILS: 'Throttle lock fails',
  STOP_SWITCH_FAILS: 'Stop switch fails',
  OIL_FAINT: 'Faint line',
  OIL_NONE: 'No oil on the card',
  BULB_STAYS_FLAT: 'Bulb stays flat',
};

export const measureWords: Record<Schemas['Measure'], string> = {
  BAND_THICKNESS: 'Band, thinnest',
  GROOVE_DEPTH: 'Groove depth',
  GROOVE_WIDTH: 'Groove width',
  RAIL_DIFFERENCE: 'One rail over the other',
  SHORTEST_CUTTER: 'Shortest cutter',
  SPROCKET_WEAR: 'Wear groove',
  STROKES_LEFT: 'Strokes left',
  STROKES_RIGHT: 'Strokes right',
  LEFT_SHORTEST: 'Left, shortest',
  LEFT_LONGEST: 'Left, longest',
  RIGHT_SHORTEST: 'Right, shortest',
  RIGHT_LONGEST: 'Right, longest',
  DAMAGE_DEPTH: 'Depth of damage',
  GAUGE_SETTING: 'Gauge below edge',
  EQUALISED_LENGTH: 'Cutter length now',
  GREASE_PUMPS: 'Pumps',
  FUEL_AGE: 'Age of the mix',
  AIR_TEMPERATURE: 'Air temperature',
  OIL_LEFT: 'Oil left in the tank',
  OILER_TURNS: 'Adjuster turned, out +, in −',
  BULB_PRESSES: 'Presses until oil came',
  FILED_SHORTEST: 'Shortest after filing',
  FILED_LEFT: 'Left after filing',
  FILED_RIGHT: 'Right after filing',
  GAUGE_LEAST: 'Highest gauge of all',
  GAUGE_LEFT_LEAST: 'Left, highest gauge',
  GAUGE_LEFT_MOST: 'Left, lowest gauge',
  GAUGE_RIGHT_LEAST: 'Right, highest gauge',
  GAUGE_RIGHT_MOST: 'Right, lowest gauge',
};

export const FIGURE_UNIT: Record<Exclude<Schemas['FigureKind'], 'LENGTH'>, string> = {
  COUNT: '',
  DAYS: 'days',
  PERCENT: '%',
  CELSIUS: '°C',
  TURNS: 'turns',
};

/** The unit that a bare figure of a step is typed in. */
export function figureUnit(kind: Schemas['FigureKind']): string {
  return kind === 'LENGTH' ? lengthSign() : FIGURE_UNIT[kind];
}

/** A figure of a step with its unit. */
export function figureWords(figure: number, kind: Schemas['FigureKind']): string {
  if (kind === 'LENGTH') return byGauge(figure);
  const unit = FIGURE_UNIT[kind];
  return `${rounded(figure, 2)}${unit && ` ${unit}`}`;
}

export const outcomeWords: Record<Schemas['WorkOutcome'], string> = {
  FINE: 'Fine',
  ATTEND: 'Needs work',
  FAIL: 'Fail',
  SKIPPED: 'Skipped',
};

/** What the words of a step depend on. */
export interface StepSaw {
  power: Schemas['Power'];
  oiler: Schemas['OilerKind'];
  nose?: Schemas['NoseKind'] | undefined;
}

const LEFT_HAND = 'Many clutches have a left-hand thread.';
const DRAG = 'After refit turn the sprocket: a slight drag proves that the oil drive has caught.';

/** The words of a step on this saw: nothing spins on a solid nose, a battery saw has no engine, not every oiler a drive. */
export function stepOn(step: Schemas['Step'], saw: StepSaw): StepWords {
  const usual = stepWords[step];
  const driven = saw.oiler === 'AUTOMATIC_FIXED' || saw.oiler === 'AUTOMATIC_ADJUSTABLE';
  const petrol = saw.power === 'PETROL';
  switch (step) {
    case 'NOSE':
      return saw.nose === 'SOLID'
        ? {
            ...usual,
            title: 'Nose whole',
            how: 'Nothing spins on a solid nose: look for chips and a worn tip.',
          }
        : usual;
    case 'NOSE_GREASE':
      return saw.nose === 'SEALED_SPROCKET'
        ? {
            ...usual,
            how: 'No hole in this nose: chain off, wipe the rim clean, a little grease along it, turn the sprocket until it shows all round.',
          }
        : usual;
    case 'BEARING':
    case 'STRIP_DOWN':
    case 'REPLACE_SPROCKET':
      return {
        ...usual,
        how: [usual.how, petrol ? LEFT_HAND : '', driven ? DRAG : ''].filter(Boolean).join(' '),
      };
    case 'CONTROLS':
      return petrol
        ? usual
        : {
            ...usual,
            how: 'Chain stands still with the trigger let go. Trigger will not move without its lock. Switch stops the motor.',
          };
    case 'TANKS':
      return petrol ? usual : { ...usual, caution: words.makeSafe[saw.power] };
    case 'FILL':
      return petrol
        ? usual
        : {
            ...usual,
            title: 'Bar oil',
            how: 'Only oil made for bars, the grade of the day. Wipe round the cap first.',
            caution: words.makeSafe[saw.power],
          };
    default:
      return usual;
  }
}

/** What the three keys say, by what the hand does. */
export function saidWords(kind: Schemas['StepKind']): [Schemas['StepOutcome'], string][] {
  switch (kind) {
    case 'FUNCTION_TEST':
      return [
        ['FINE', 'Passes'],
        ['FAIL', 'Fails'],
      ];
    case 'CARD':
      return [
        ['FINE', 'A line of oil'],
        ['ATTEND', 'Faint'],
        ['FAIL', 'None'],
      ];
    case 'CONFIRM':
    case 'FILL':
    case 'GREASE':
    case 'CLEAN':
    case 'FILE':
    case 'REPLACE':
    case 'REPAIR':
    case 'CAUSE':
      return [['FINE', 'Done']];
    case 'LOOK':
    case 'MEASURE':
    case 'TENSION':
      return [
        ['FINE', 'Fine'],
        ['ATTEND', 'Needs work'],
        ['FAIL', 'Fail'],
      ];
  }
}

export const whyWords: Record<Schemas['Why'], string> = {
  ALWAYS: '',
  HOLD: 'holds the saw',
  FINDING: 'opened by a finding',
  FOLLOWS: 'needed after the new part',
  DUE: 'due',
  BY_HAND: 'added by hand',
  COMES_WITH: 'falls due with the sharpening',
  COMPANY: 'part of the same job',
  CLOSES: 'closing up',
  PAST_UNKNOWN: 'past unknown: look now, and it counts from here; optional',
  RIDES_ALONG: 'worth doing now, optional',
};
