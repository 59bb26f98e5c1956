import { scaleLinear } from 'd3-scale';
import type { Schemas } from '../../api/client';

export const OIL = { height: 190, left: 36, bottom: 164, top: 12 };
/** With fewer outings the strokes keep their distance. */
const LEAST_PLACES = 6;

/** Where the strokes of oil for fuel stand: outing by outing across, the ratio up; what leaves the picture is cut at its top. */
export function oilLayout(
  uses: Pick<Schemas['UsePoint'], 'ratio'>[],
  limits: Schemas['RatioLimits'],
  width: number,
) {
  const { left, bottom, top } = OIL;
  const most = Math.max(limits.highOver * 1.15, ...uses.map((u) => u.ratio));
  const y = scaleLinear([0, most], [bottom, top]).clamp(true);
  const x = scaleLinear([0, Math.max(uses.length, LEAST_PLACES)], [left + 10, width + 2]);
  return { x, y };
}
