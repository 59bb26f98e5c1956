const SCALE = 16;
/** Widths are drawn wider than depths: a groove is a narrow thing, and its play should be seen. */
const WIDER = 1.6;
export const SECTION = { top: 44, mid: 190, wall: 34, floor: 214 };

interface Measures {
  depthMm: number | undefined;
  tangMm: number | undefined;
  widthMm: number | undefined;
  gaugeMm: number | undefined;
  /** One rail over the other. */
  differenceMm: number | undefined;
}

/** The bar cut across, in the drawing's own units. What is not measured yet is drawn as on a bar in order. */
export function barSection({ depthMm, tangMm, widthMm, gaugeMm, differenceMm }: Measures) {
  const { top, mid, wall, floor } = SECTION;
  const depth = depthMm ?? (tangMm ?? 6) + 2;
  const gauge = gaugeMm ?? 1.3;
  const width = Math.max(widthMm ?? gauge + 0.12, gauge);
  const half = (width * SCALE * WIDER) / 2;
  const bottom = top + depth * SCALE;
  const lower = (differenceMm ?? 0) * SCALE;
  const tang = tangMm ?? 0;
  const link = gauge * SCALE * WIDER;
  return {
    half,
    bottom,
    tangEnd: top + tang * SCALE,
    rails: `M${mid - half - wall} ${top}H${mid - half}V${bottom}H${mid + half}V${top + lower}H${mid + half + wall}V${floor}H${mid - half - wall}Z`,
    link: `M${mid - link / 2} ${top - 22}h${link}v${22 + tang * SCALE - 6}l${-link / 2} 6l${-link / 2} -6z`,
  };
}
