import type { Schemas } from '../api/client';
import { list } from './format';
import { manySaws } from './tags';
import { byRule, keySize, ofLitres, rounded, tank } from './units';

type Line = Schemas['PackLine'];
type Kind = Schemas['PackKind'];

const ML_PER_LITRE = 1000;

/** What each kind of thing is called; what tells it from others of its kind comes after it. */
export const packWords: Record<Kind, string> = {
  SAW: 'Saw',
  LOOP: 'Loop',
  ARTICLE: '',
  ROUND_FILE: 'Round file',
  GAUGE_FILE: 'Flat file and gauge tool',
  NUT_KEY: 'Key for bar nuts',
  SCREWDRIVER: 'Screwdriver for the adjuster',
  GREASE_GUN: 'Grease gun',
  FUEL_MIX: 'Fuel mix',
  BAR_OIL: 'Bar oil',
  CHARGES: 'Charged batteries',
  CABLE: 'Cable and trip switch',
  PLUG: 'Plug',
  PLUG_KEY: 'Plug key',
  BAR_NUT: 'Spare bar nut',
  AIR_FILTER: 'Air filter',
  FIRST_AID: 'First-aid kit with a dressing for heavy bleeding',
  EXTINGUISHER: 'Fire extinguisher',
};

/** What nobody has noted, where a line cannot say which one it is. */
const UNKNOWN: Partial<Record<Kind, string>> = {
  NUT_KEY: 'size not noted',
  FUEL_MIX: 'ratio not noted',
  PLUG: 'code not noted',
  BAR_NUT: 'size not noted',
};

/** Groups of a list, in the order in which it is packed. */
export const PACK_GROUPS: { title: string; kinds: Kind[] }[] = [
  { title: 'Saws', kinds: ['SAW'] },
  { title: 'Loops', kinds: ['LOOP'] },
  { title: 'From the shelf', kinds: ['ARTICLE'] },
  {
    title: 'Files and tools',
    kinds: ['ROUND_FILE', 'GAUGE_FILE', 'NUT_KEY', 'SCREWDRIVER', 'GREASE_GUN'],
  },
  { title: 'Fuel and oil', kinds: ['FUEL_MIX', 'BAR_OIL', 'CHARGES', 'CABLE'] },
  { title: 'Spares', kinds: ['PLUG', 'PLUG_KEY', 'BAR_NUT', 'AIR_FILTER'] },
  { title: 'For everybody', kinds: ['FIRST_AID', 'EXTINGUISHER'] },
];

/** What something is: Round file 4.8 mm, Fuel mix 50:1, Loop YC-32. */
export function packThing({ kind, name, figure }: Pick<Line, 'kind' | 'name' | 'figure'>): string {
  const what = packWords[kind];
  // What there is only one of is known by its kind.
  if (name === kind) return what;
  if (name === '?') return `${what}, ${UNKNOWN[kind] ?? 'not noted'}`;
  const which = figure === undefined ? name : figured(kind, figure);
  return what === '' ? which : `${what} ${which}`;
}

function figured(kind: Kind, figure: number): string {
  if (kind === 'FUEL_MIX') return `${rounded(figure, 0)}:1`;
  return kind === 'ROUND_FILE' ? byRule(figure) : keySize(figure);
}

const measured = (kind: Kind) => kind === 'FUEL_MIX' || kind === 'BAR_OIL';

/** So much of it: 2.5 L, 6 charges, 3. */
export function packAmount(kind: Kind, amount: number): string {
  if (measured(kind)) return ofLitres(amount / ML_PER_LITRE);
  return kind === 'CHARGES'
    ? `${rounded(amount, 0)} ${amount === 1 ? 'charge' : 'charges'}`
    : rounded(amount, 0);
}

/** A line as it is read aloud while packing: 2 × Round file 4.8 mm, Fuel mix 50:1, 2.5 L. */
export function packLine(line: Line): string {
  const thing = packThing(line);
  if (measured(line.kind) || line.kind === 'CHARGES')
    return `${thing}, ${packAmount(line.kind, line.amount)}`;
  return line.amount > 1 ? `${packAmount(line.kind, line.amount)} × ${thing}` : thing;
}

/** What goes with a line, in short sentences. */
export function packNotes(line: Line): string[] {
  const { kind, saws, soaks, guessed, mixOilMl } = line;
  return [
    kind === 'SAW' || saws.length === 0 ? '' : forSaws(saws),
    mixOilMl === undefined ? '' : `${tank(mixOilMl)} of two-stroke oil in it`,
    soaks ? 'new: into the oil the evening before' : '',
    kind === 'LOOP' && !soaks && line.there === undefined ? 'has run: look at its edge first' : '',
    kind === 'CHARGES' ? 'fewer with a charger at hand' : '',
    guessed.length > 0 ? `tank of ${manySaws(guessed) ?? list(guessed, 'and')} not noted, estimated` : '',
  ].filter(Boolean);
}

export const forSaws = (saws: string[]) =>
  `for ${manySaws(saws) ?? `${saws.length === 1 ? 'saw' : 'saws'} ${list(saws, 'and')}`}`;

/** What is missing of it; nothing where there is enough. */
export function packMissing({ kind, amount, there }: Line): string | undefined {
  if (there === undefined || there >= amount) return undefined;
  if (kind === 'FUEL_MIX') return `the oil on the shelf is enough for ${ofLitres(there / ML_PER_LITRE)}`;
  if (there <= 0) return kind === 'LOOP' ? 'none on the shelf fits' : 'none in the stores';
  return `only ${packAmount(kind, there)} in the stores`;
}

/** How a pack stands, in short. */
export function packStands(pack: { lines: number; ticked: number; missing: number }): string {
  const { lines, ticked, missing } = pack;
  if (lines === 0) return 'nothing to pack yet: no saw is known';
  const short = missing === 0 ? '' : `, ${missing} short`;
  return ticked === lines ? `all ${lines} packed` : `${ticked} of ${lines} packed${short}`;
}
