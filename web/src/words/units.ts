import type { Schemas } from '../api/client';
import { house } from './house';
import { numberOf } from './number';

const MM_OF_INCH = 25.4;
const ML_OF_FLUID_OUNCE = 29.5735295625;
const LITRES_OF_GALLON = 3.785411784;
/** A steel rule in inches is marked in these. */
const MARKS_OF_INCH = 64;

const inInches = () => house().lengthUnit === 'INCH';
const inGallons = () => house().volumeUnit === 'US_GALLON';

export function rounded(value: number, digits: number): string {
  const text = String(Number(value.toFixed(digits)));
  return text === '-0' ? '0' : text;
}

/** The unit that a bare length is typed in. */
export const lengthSign = () => (inInches() ? 'in' : 'mm');

/** A label of a field that takes a bare length. */
export const inUnit = (label: string) => `${label}, ${lengthSign()}`;

/** The unit that a bare volume of a tank is typed in. */
export const tankSign = () => (inGallons() ? 'US fl oz' : 'mL');

/** So many decimals in mm; one more in inches. */
function decimals(mm: number, digits: number): string {
  return inInches() ? `${rounded(mm / MM_OF_INCH, digits + 1)} in` : `${rounded(mm, digits)} mm`;
}

/** A length that was worked out: 3.2 mm, 0.13 in. */
export const length = (mm: number) => decimals(mm, 1);

/** What a gauge or a caliper says: 0.65 mm, 0.026 in. */
export const byGauge = (mm: number) => decimals(mm, 2);

/** What a stroke takes off: 0.052 mm, 0.002 in. */
export const fine = (mm: number) => decimals(mm, 3);

/** What a caliper shows, each with the same decimals. */
export function byCaliper(mm: number): string {
  return inInches() ? `${(mm / MM_OF_INCH).toFixed(3)} in` : `${mm.toFixed(2)} mm`;
}

/** What a steel rule says, or is stamped on a file: 6.2 mm, 1/4 in, 1 3/16 in. */
export function byRule(mm: number): string {
  if (!inInches()) return `${rounded(mm, 1)} mm`;
  const marks = Math.round((mm / MM_OF_INCH) * MARKS_OF_INCH);
  const whole = Math.floor(marks / MARKS_OF_INCH);
  let [top, bottom] = [marks % MARKS_OF_INCH, MARKS_OF_INCH];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  const part = top === 0 ? '' : `${top}/${bottom}`;
  return `${[whole === 0 && part ? '' : String(whole), part].filter(Boolean).join(' ')} in`;
}

/** The size of a key or a nut, as it is stamped: one that is made in whole millimetres is no fraction of an inch. */
export function keySize(mm: number): string {
  const metric = Math.abs(mm - Math.round(mm)) < 0.01;
  return metric && inInches() ? `metric ${rounded(mm, 0)}` : byRule(mm);
}

/** A length as a field shows it to be changed; empty for what nobody knows. */
export function typedLength(mm: number | undefined): string {
  return mm === undefined ? '' : inInches() ? `${rounded(mm / MM_OF_INCH, 4)} in` : `${mm} mm`;
}

/** What is sent of a field: one that was not touched keeps its figure to the last digit. */
export function lengthTyped(text: string, before: number | undefined): string {
  return before !== undefined && text === typedLength(before) ? `${before} mm` : text;
}

/** What a tank holds: 450 mL, 15.2 US fl oz. */
export function tank(ml: number): string {
  return inGallons() ? `${rounded(ml / ML_OF_FLUID_OUNCE, 1)} US fl oz` : `${rounded(ml, 0)} mL`;
}

export function typedTank(ml: number | undefined): string {
  return ml === undefined ? '' : inGallons() ? `${rounded(ml / ML_OF_FLUID_OUNCE, 2)} fl oz` : `${ml} mL`;
}

export function tankTyped(text: string, before: number | undefined): string {
  return before !== undefined && text === typedTank(before) ? `${before} mL` : text;
}

/** What a can holds: 5 L, 1.3 US gal. */
export function canOf(ml: number): string {
  return inGallons() ? `${rounded(ml / 1000 / LITRES_OF_GALLON, 1)} US gal` : `${rounded(ml / 1000, 1)} L`;
}

/** Litres of the stores in the unit of the fleet: its figure, and its sign. */
export function ofLitres(litres: number): string {
  return inGallons() ? `${rounded(litres / LITRES_OF_GALLON, 2)} US gal` : `${rounded(litres, 1)} L`;
}

/** The unit of an item of the stores, as its fields name it; nothing for what is counted by the piece. */
export function stockSign(unit: Schemas['StockUnit']): string {
  if (unit === 'LITRE') return inGallons() ? 'US gal' : 'L';
  return unit === 'SHOT' ? 'shots' : '';
}

/** An amount of the stores as typed, in the unit of its kind. */
export function stockTyped(text: string, unit: Schemas['StockUnit']): number | undefined {
  const typed = numberOf(text);
  return typed !== undefined && unit === 'LITRE' && inGallons() ? typed * LITRES_OF_GALLON : typed;
}

/** What a price is for, in the words of its label: one, 1 L, 1 US gal. */
export function priceFor(unit: Schemas['StockUnit']): string {
  return unit === 'LITRE' ? `1 ${stockSign(unit)}` : 'one';
}

/** The price of the unit that a field names, from the one of the book. */
export function priceShown(cents: number, unit: Schemas['StockUnit']): string {
  const shown = unit === 'LITRE' && inGallons() ? cents * LITRES_OF_GALLON : cents;
  return (shown / 100).toFixed(2);
}

/** An amount of the stores as a field shows it to be changed. */
export function stockShown(amount: number, unit: Schemas['StockUnit']): string {
  return unit === 'LITRE' && inGallons() ? rounded(amount / LITRES_OF_GALLON, 3) : String(amount);
}

/** A price for one as typed, for the unit that the book counts in. */
export function priceOf(cents: number, unit: Schemas['StockUnit']): number {
  return unit === 'LITRE' && inGallons() ? Math.round(cents / LITRES_OF_GALLON) : cents;
}

/** A figure at an axis, without its unit. */
export function onAxis(mm: number): string {
  return inInches() ? rounded(mm / MM_OF_INCH, 2) : rounded(mm, 1);
}

/** A figure of a setting, in the units of the fleet where it is a length or a volume. */
export function settingFigure(value: number, unit: Schemas['SettingUnit']): string {
  if (unit === 'MM') return typedLength(value);
  if (unit === 'MILLILITRES') return typedTank(value);
  const sign = SETTING_UNITS[unit];
  return `${value} ${value === 1 ? sign.replace(/s$/, '') : sign}`.trim();
}

/** The same as a field shows it to be changed. */
export function typedSetting(value: number, unit: Schemas['SettingUnit']): string {
  return unit === 'MM' || unit === 'MILLILITRES' ? settingFigure(value, unit) : String(value);
}

const SETTING_UNITS = {
  DEGREES: '°',
  FACTOR: '×',
  PERCENT: '%',
  MINUTES: 'min',
  HOURS: 'h',
  OUTINGS: 'outings',
  TANKS: 'tanks',
  CHARGES: 'charges',
  DAYS: 'days',
  CELSIUS: '°C',
  SHARPENINGS: 'sharpenings',
  LOOPS: 'loops',
  COUNT: '',
} satisfies Record<Exclude<Schemas['SettingUnit'], 'MM' | 'MILLILITRES'>, string>;

/** Lengths of a text that is written in mm, with their inches beside them where the fleet reads inches. */
export function withInches(text: string): string {
  if (!inInches()) return text;
  const inches = (mm: string) => rounded(Number(mm) / MM_OF_INCH, 3);
  return text.replace(/(\d[\d.]*)(?: to (\d[\d.]*))? mm\b/g, (said, from: string, to?: string) =>
    to === undefined ? `${said} (${inches(from)} in)` : `${said} (${inches(from)} to ${inches(to)} in)`,
  );
}
