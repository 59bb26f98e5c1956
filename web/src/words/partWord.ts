import type { Schemas } from '../api/client';

const PARTS: Record<Schemas['Subject'], [string, string]> = {
  SAW: ['Saw', 'Saws'],
  CHAIN: ['Loop', 'Loops'],
  BAR: ['Bar', 'Bars'],
  SPROCKET: ['Sprocket', 'Sprockets'],
};
export const partWord = (kind: Schemas['Subject']) => PARTS[kind][0];
export const partsWord = (kind: Schemas['Subject']) => PARTS[kind][1];
