import { scaleLinear } from 'd3-scale';

export const SCALE = { pad: 12, bandTop: 40, bandHeight: 22, character: 7.4 };

export interface Label {
  text: string;
  x: number;
  strong: boolean;
}

export interface Placed extends Label {
  row: number;
  /** Written to the left of its mark, since it would leave the drawing to the right. */
  ends: boolean;
}

/** Millimetres of pull across the drawing; what lies beyond its end is shown at its end. */
export function pullAcross(endMm: number, width: number) {
  return scaleLinear([0, endMm], [SCALE.pad, width - SCALE.pad]).clamp(true);
}

/** How wide a label is, in the letters of the drawing. */
export function wide(text: string): number {
  return text.length * SCALE.character;
}

/**
 * Puts labels on rows, from the right, so that none overlaps another and no line down to a lower label passes through one
 * above it.
 */
export function rowsOf(labels: Label[], width: number): Placed[] {
  const placed: (Placed & { from: number })[] = [];
  for (const label of [...labels].sort((a, b) => b.x - a.x)) {
    const needs = wide(label.text) + 16;
    const ends = label.x + needs > width && label.x > needs;
    const from = ends ? label.x - needs : label.x;
    const to = ends ? label.x : label.x + needs;
    const taken = (row: number) =>
      placed.some((p) => (p.row === row && p.from <= to) || (p.row > row && p.x <= to));
    let row = 0;
    while (taken(row)) row += 1;
    placed.push({ ...label, row, ends, from });
  }
  return placed;
}
