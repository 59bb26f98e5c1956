import type { Schemas } from '../api/client';

/** How the fleet writes lengths, volumes and days. */
export type House = Schemas['HouseView'];

/** Before the fleet has said, and where nothing but words is tested. */
const UNTOLD: House = {
  lengthUnit: 'MM',
  volumeUnit: 'LITRE',
  currency: 'NONE',
  figures: {},
  stock: {},
  zone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
};

let told = UNTOLD;

/** How the fleet writes now. Like a language it is the same for all words; it is told before the first screen is shown. */
export function house(): House {
  return told;
}

/** Tells how the fleet writes. */
export function writeAs(next: Partial<House>): void {
  told = { ...UNTOLD, ...next };
}
