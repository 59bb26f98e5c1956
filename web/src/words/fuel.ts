import type { Schemas } from '../api/client';
import { house } from './house';
import { dayOf, rounded } from './format';

export const fuelUnitWords: Record<Schemas['FuelUnit'], string> = { LITRE: 'L', US_GALLON: 'US gal' };

/** So much oil beside so much fuel, in the units of the can. */
export function mixSentence(mix: Schemas['FuelMix'], unit: Schemas['FuelUnit']): string {
  return unit === 'LITRE'
    ? `${rounded(mix.oil, 0)} mL of oil`
    : `${rounded(mix.oil, 1)} US fl oz of oil${house().volumeUnit === 'LITRE' ? ` (${rounded(mix.oilMl, 0)} mL)` : ''}`;
}

/** How old the fuel in a can is, and what that means. */
export function ageSentence(age: Schemas['FuelAge']): string {
  const days = `${age.days} ${age.days === 1 ? 'day' : 'days'} old`;
  if (age.old) return `${days}: too old, do not fill it`;
  return `${days}, good for ${age.daysLeft} more`;
}

/** A can in a line: its ratio, when it was mixed, its age. */
export function canSentence(can: Schemas['CanView']): string {
  return `${can.ratio}:1, mixed ${dayOf(can.mixedOn)}, ${ageSentence(can.age)}`;
}
