import type { Schemas } from '../api/client';
import { length, byGauge } from './units';
import { list, rounded } from './format';

type Growth = Schemas['ChainGrowth'];
type Source = Growth['leads'];

/** What a growth is told by. */
export const growthSource: Record<Source, string> = {
  TURNS: 'by the turns taken up',
  JOINT_PLAY: 'by its joint play and the turns since',
  TEN_LINKS: 'by its length over ten links and the turns since',
};

/** What the others say where they say less, and what nobody counted. The larger figure counts. */
export function othersOfGrowth({ grown, leads }: Growth): string {
  const told: [Source, number | undefined, string][] = [
    ['TURNS', grown.byTurnsMm, 'the turns alone'],
    ['JOINT_PLAY', grown.byPlayMm, 'the joint play'],
    ['TEN_LINKS', grown.byTenLinksMm, 'the length over ten links'],
  ];
  const others = told.flatMap(([source, mm, name]) =>
    source === leads || mm === undefined ? [] : [`${name} ${length(mm)}`],
  );
  const less = others.length === 0 ? '' : ` By ${list(others, 'and')}; the largest counts.`;
  const lost =
    leads !== 'TURNS' || grown.refitsUncounted === 0
      ? ''
      : ` The set was apart ${times(grown.refitsUncounted)} after use: what was taken up then is not counted. The adjuster position, ten links or the joint play would tell.`;
  return less + lost;
}

function times(count: number): string {
  return count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`;
}

/** What was measured beside the tension; empty when nothing was. */
export function measuredWords(measured: Schemas['Measured']): string {
  const said = [
    measured.adjusterPlace === undefined ? '' : `adjuster ${rounded(measured.adjusterPlace, 2)} turns out`,
    measured.tenLinksMm === undefined ? '' : `ten links ${byGauge(measured.tenLinksMm)}`,
    measured.playPerJointMm === undefined ? '' : `joint play ${byGauge(measured.playPerJointMm)}`,
  ].filter(Boolean);
  const line = list(said, 'and');
  return line === '' ? '' : `${line.charAt(0).toUpperCase()}${line.slice(1)}.`;
}
