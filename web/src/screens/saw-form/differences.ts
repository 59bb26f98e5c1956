import type { CardForm } from './form';

const NAMES: Record<keyof CardForm, string> = {
  make: 'Make',
  model: 'Model',
  power: 'Power',
  handle: 'Handle',
  displacementCc: 'Displacement',
  volts: 'Volts',
  inService: 'In service since',
  fuelRatio: 'Fuel to oil',
  fuelTank: 'Fuel tank',
  oilTank: 'Oil tank',
  oiler: 'Oiler',
  brakeSeat: 'Chain brake',
  adjuster: 'Adjuster',
  adjusterLead: 'Adjuster lead',
  adjusterTravel: 'Adjuster travel',
  nutSize: 'Bar nuts across flats',
  captiveNuts: 'Captive nuts',
  sparkArrestor: 'Spark arrestor',
  plugCode: 'Plug code',
  houseMethod: 'Tension is read by',
  usualWork: 'Usual work',
};

/** What stands now against what was typed, in lines; empty when only the set or the same values changed. */
export function differences(stands: CardForm, typed: CardForm): string[] {
  const say = (value: string | boolean) =>
    value === '' ? 'empty' : value === true ? 'yes' : value === false ? 'no' : value;
  return (Object.keys(NAMES) as (keyof CardForm)[])
    .filter((field) => stands[field] !== typed[field])
    .map((field) => `${NAMES[field]}: ${say(stands[field])} stands now, you typed ${say(typed[field])}.`);
}
