import { scaleLinear, scaleTime } from 'd3-scale';
import type { Schemas } from '../../api/client';

export const GROWTH = { height: 210, left: 72, right: 16, top: 14, bottom: 30 };

/** Where the readings of a loop's growth lie: days across, millimetres up, with room above the line at which it is retired. */
export function growthLayout(growth: Pick<Schemas['Growth'], 'points' | 'retireMm'>, width: number) {
  const { height, left, right, top, bottom } = GROWTH;
  const days = growth.points.map((p) => Date.parse(p.at));
  const first = Math.min(...days);
  const x = scaleTime([first, Math.max(first + 1, ...days)], [left, width - right]);
  const most = Math.max(growth.retireMm * 1.12, ...growth.points.map((p) => p.growthMm * 1.05));
  const y = scaleLinear([0, most], [height - bottom, top]);
  const places = growth.points.map((p) => ({ x: x(Date.parse(p.at)), y: y(p.growthMm) }));
  return { places, y, path: pathThrough(places) };
}

/** A line from place to place. */
export function pathThrough(places: { x: number; y: number }[]): string {
  return places.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join(' ');
}
