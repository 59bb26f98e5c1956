import { scaleLinear } from 'd3-scale';

/**
 * `ends` is the room for the cutters at the nose and the tail, whatever the width. A finger finds a cutter as far out as
 * `touch`, and the mark of the one in the vice stands at `mark`.
 */
export const LOOP = {
  most: 760,
  height: 224,
  ends: 108,
  radius: 36,
  middle: 112,
  touch: 58,
  mark: 64,
  markRadius: 5.5,
};

const ROUND = Math.PI * LOOP.radius;
/** A cutter is never drawn lower, nor, within these bounds of mm, taller. */
const LOW = 6;
const TALL = 50;
const UNKNOWN = 5;
/** Below the shortest, so that it is still seen; and cutters that are nearly equal look so. */
const BELOW_MM = 0.35;
const LEAST_RANGE_MM = 0.9;

export interface Spot {
  x: number;
  y: number;
  /** Which way is outward. */
  nx: number;
  ny: number;
}

/** Where a cutter stands, by its share of the way round: from the start cutter along the top, round the nose, back below. */
export function spotOnLoop(share: number, width: number): Spot {
  const { ends, radius, middle } = LOOP;
  const right = width - ends;
  const straight = right - ends;
  const s = share * 2 * (straight + ROUND);
  const round = (centre: number, angle: number) => {
    const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
    return { x: centre + radius * nx, y: middle + radius * ny, nx, ny };
  };
  if (s < straight) return { x: ends + s, y: middle - radius, nx: 0, ny: -1 };
  if (s < straight + ROUND) return round(right, (s - straight) / radius - Math.PI / 2);
  if (s < 2 * straight + ROUND) {
    return { x: right - (s - straight - ROUND), y: middle + radius, nx: 0, ny: 1 };
  }
  return round(ends, (s - 2 * straight - ROUND) / radius + Math.PI / 2);
}

/** How tall cutters are drawn that are so long: the longest known one as tall as can be, an unknown one as a stump. */
export function cutterHeights(lengths: number[]): (mm: number | undefined) => number {
  const low = Math.min(...lengths) - BELOW_MM;
  const high = Math.max(...lengths, low + LEAST_RANGE_MM);
  const tall = scaleLinear([low, high], [LOW, TALL]);
  return (mm) => (mm === undefined ? UNKNOWN : tall(mm));
}

/** The bar's outline. */
export function loopOutline(width: number): string {
  const { ends, radius, middle } = LOOP;
  const [top, bottom, right] = [middle - radius, middle + radius, width - ends];
  const arc = (x: number, y: number) => `A${radius} ${radius} 0 0 1 ${x} ${y}`;
  return `M${ends} ${top}H${right}${arc(right, bottom)}H${ends}${arc(ends, top)}Z`;
}
