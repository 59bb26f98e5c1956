import { scaleLinear } from 'd3-scale';

export const SPROCKET = { x: 110, y: 92, teeth: 7, tip: 72, root: 48, deepest: 60 };

/** The star of the sprocket, point by point: tips and roots by turns, a tip on top. */
export function sprocketStar(): [number, number][] {
  const { x, y, teeth, tip, root } = SPROCKET;
  return Array.from({ length: teeth * 2 }, (_, i) => {
    const r = i % 2 === 0 ? tip : root;
    const a = (i * Math.PI) / teeth;
    return [x + r * Math.sin(a), y - r * Math.cos(a)];
  });
}

/** How deep the groove between two teeth is drawn: 1 mm goes down to the foot of the tooth, and deeper is not shown. */
export const grooveDepth = scaleLinear([0, 1], [0, SPROCKET.deepest]).clamp(true);
