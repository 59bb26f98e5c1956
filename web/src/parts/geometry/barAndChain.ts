import { scaleLinear } from 'd3-scale';
import type { Schemas } from '../../api/client';

export const BAR = { left: 40, right: 640, top: 40, bottom: 104, nose: 608 };
const LINKS = 17;
/** So many units for a millimetre of pull: a good pull is seen, and a throw risk does not leave the picture. */
const pull = scaleLinear([0, 18], [0, 72]).clamp(true);
const BY_EYE: Record<Schemas['TipsPosition'], number> = { INSIDE: 12, LEVEL: 22, CLEAR: 40 };

/** Bar and chain with a reading: which edge it is taken at, how far the chain leaves it, and where each link lies. */
export function barAndChain(
  method: Schemas['TensionMethod'],
  figure: number | undefined,
  tips: Schemas['TipsPosition'] | undefined,
) {
  const { left, top, bottom, nose } = BAR;
  const lifted = method === 'LIFT_AND_SNAP';
  const angle = method === 'TWELFTH_PAST_TOUCH';
  const drop = tips && figure === undefined ? BY_EYE[tips] : pull(angle ? 0 : (figure ?? 0));
  const edge = lifted ? top : bottom;
  /** Down at the lower edge, up at the upper one. */
  const side = lifted ? -1 : 1;
  const y = (x: number) => {
    const along = (x - left) / (nose - left);
    return edge + side * (9 + drop * 4 * along * (1 - along));
  };
  const across = scaleLinear([0, LINKS - 1], [left + 22, nose - 22]);
  const links = Array.from({ length: LINKS }, (_, i) => ({ x: across(i), y: y(across(i)) }));
  return { drop, edge, side, links, mid: (left + nose) / 2, y, other: lifted ? bottom + 9 : top - 9 };
}
