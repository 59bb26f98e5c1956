import type { Schemas } from '../../api/client';
import { numberOf } from '../../words/number';

/** What tells one sort of part from another, while it is typed. */
export interface SortForm {
  pitch: Schemas['Pitch'];
  gauge: Schemas['Gauge'];
  driveLinks: string;
  length: string;
  nose: Schemas['NoseKind'];
  teeth: string;
  rim: Schemas['SprocketKind'];
}

export const NO_SORT: SortForm = {
  pitch: 'P_325',
  gauge: 'G_050',
  driveLinks: '',
  length: '',
  nose: 'SEALED_SPROCKET',
  teeth: '7',
  rim: 'RIM',
};

type PartKind = 'CHAIN' | 'BAR' | 'SPROCKET';

/** Where the server names the fields of a part. */
export function sortAt(
  kind: PartKind,
): Record<'tag' | 'newCutter' | 'driveLinks' | 'length' | 'teeth', string> {
  const at = (field: string) => `set.${kind.toLowerCase()}.${field}`;
  return {
    tag: at('tag'),
    newCutter: at('newCutter'),
    driveLinks: at('driveLinks'),
    length: at('length'),
    teeth: at('teeth'),
  };
}

/** A part of a sort that the fleet does not have yet, as it is sent. */
export function newSort(typed: SortForm & { kind: PartKind; tag: string; newCutter: string }) {
  const { kind, pitch, gauge } = typed;
  const tag = typed.tag.trim();
  const driveLinks = numberOf(typed.driveLinks);
  if (kind === 'SPROCKET') {
    return { sprocket: { tag, create: true, kind: typed.rim, teeth: numberOf(typed.teeth), pitch } };
  }
  if (kind === 'BAR') {
    return { bar: { tag, create: true, length: typed.length, pitch, gauge, driveLinks, nose: typed.nose } };
  }
  const { newCutter } = typed;
  return {
    chain: { tag, create: true, pitch, gauge, driveLinks, ...(newCutter.trim() ? { newCutter } : {}) },
  };
}
