import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { burnWord } from '../words/faults';
import { dayOf, rounded } from '../words/format';
import { ChartSvg } from './ChartSvg';
import { OIL, oilLayout } from './geometry/oil';

const MOST_WIDE = 620;
const { height: HEIGHT, left: LEFT, bottom: BOTTOM } = OIL;
const MOST = 24;

/** Bar oil beside what was burned, outing by outing, with the right range as a band. */
export function OilChart({ page }: { page: Schemas['OilingPage'] }) {
  const uses = page.uses.slice(-MOST);
  const said = uses
    .map((u) => `${dayOf(u.at)}: ${rounded(u.oilTanks, 1)} of oil for ${rounded(u.tanks, 1)} used`)
    .join('; ');
  return (
    <ChartSvg label={`Bar oil for each ${burnWord[page.power]}. ${said}`} most={MOST_WIDE} height={HEIGHT}>
      {(width) => <Uses uses={uses} limits={page.limits} width={width} />}
    </ChartSvg>
  );
}

function Uses({
  uses,
  limits,
  width,
}: {
  uses: Schemas['UsePoint'][];
  limits: Schemas['RatioLimits'];
  width: number;
}) {
  const { house, text } = useTheme().vars.palette;
  const { x, y } = oilLayout(uses, limits, width);
  const line = (ratio: number, colour: string, label: string) => (
    <>
      <line x1={LEFT} x2={width} y1={y(ratio)} y2={y(ratio)} stroke={colour} strokeDasharray="5 4" />
      <text x={LEFT - 5} y={y(ratio) + 4} textAnchor="end" fontSize="12" fill={text.secondary}>
        {label}
      </text>
    </>
  );
  return (
    <>
      <rect
        x={LEFT}
        y={y(limits.highOver)}
        width={width - LEFT}
        height={y(limits.lowUnder) - y(limits.highOver)}
        fill={house.goodSoft}
        opacity={0.22}
      />
      {line(limits.noneUnder, house.rust, rounded(limits.noneUnder, 2))}
      {line(limits.lowUnder, text.secondary, rounded(limits.lowUnder, 2))}
      {line(limits.highOver, text.secondary, rounded(limits.highOver, 2))}
      <line x1={LEFT} x2={width} y1={BOTTOM} y2={BOTTOM} stroke={text.secondary} />
      {uses.map((use, i) => (
        <g key={use.at}>
          <line
            x1={x(i)}
            x2={x(i)}
            y1={BOTTOM}
            y2={y(use.ratio)}
            stroke={use.verdict === 'NOT_OILING' ? house.rust : text.primary}
            strokeWidth={use.verdict === 'RIGHT' ? 5 : 7}
            strokeLinecap="butt"
            strokeDasharray={use.verdict === 'HIGH' ? '4 2' : undefined}
          />
          {use.ratio < 0.02 && <circle cx={x(i)} cy={BOTTOM - 3} r="3" fill={house.rust} />}
        </g>
      ))}
      {uses[0] && (
        <text x={x(0)} y={HEIGHT - 8} textAnchor="start" fontSize="12" fill={text.secondary}>
          {dayOf(uses[0].at)}
        </text>
      )}
      {uses.length > 1 && (
        <text x={x(uses.length - 1)} y={HEIGHT - 8} textAnchor="end" fontSize="12" fill={text.secondary}>
          {dayOf(uses[uses.length - 1]?.at ?? '')}
        </text>
      )}
    </>
  );
}
