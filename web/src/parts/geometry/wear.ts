import { scaleLinear } from 'd3-scale';
import type { Schemas } from '../../api/client';

export const WEAR = { height: 168, left: 46, right: 14, top: 16, bottom: 26 };

type Wear = Pick<
  Schemas['WearView'],
  'points' | 'limitMm' | 'usedTanks' | 'tanksEarly' | 'tanksLikely' | 'tanksLate'
>;

/**
 * Where readings of wear lie, and where they point: tanks across, as far ahead as the part may last but never so far that what
 * was read is squeezed into a corner; millimetres up, limit and readings all in sight.
 */
export function wearLayout(wear: Wear, width: number) {
  const { height, left, right, top, bottom } = WEAR;
  const ahead =
    wear.tanksLikely === undefined
      ? 0
      : Math.min(wear.tanksLate ?? wear.tanksLikely * 1.5, wear.usedTanks * 1.6 + 10);
  const most = Math.max(1, wear.usedTanks + ahead);
  const values = [...wear.points.map((p) => p.mm), wear.limitMm];
  const low = Math.min(...values);
  const high = Math.max(...values);
  const room = Math.max(0.05, (high - low) * 0.1);
  const x = scaleLinear([0, most], [left, width - right]);
  const y = scaleLinear([high + room, low - room], [top, height - bottom]);
  const places = wear.points.map((p) => ({ x: x(p.use), y: y(p.mm) }));
  const last = wear.points[wear.points.length - 1];
  /** Where the wear stands when the limit is reached in so many tanks, or where the drawing ends if that is first. */
  const toward = (tanksLeft: number | undefined) => {
    const left = tanksLeft ?? most;
    const share = Math.min(1, ahead / Math.max(0.01, left));
    const from = last?.mm ?? 0;
    return { x: x(wear.usedTanks + Math.min(ahead, left)), y: y(from + (wear.limitMm - from) * share) };
  };
  const fan =
    ahead > 0
      ? { early: toward(wear.tanksEarly), likely: toward(wear.tanksLikely), late: toward(wear.tanksLate) }
      : undefined;
  return { x, y, low, high, places, fan };
}
