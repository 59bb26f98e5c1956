import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { dayOf, length } from '../words/format';
import { ChartSvg } from './ChartSvg';

const MOST = 620;
const H = 210;
const L = 72;
const R = 16;
const T = 14;
const B = 30;

/** Growth of the loop over time, with the lines at which it is watched and retired. */
export function GrowthChart({ growth, unit }: { growth: Schemas['Growth']; unit: Schemas['LengthUnit'] }) {
  const last = growth.points[growth.points.length - 1];
  if (!last) {
    return <Box sx={{ color: 'text.secondary' }}>No reading of this chain yet.</Box>;
  }
  return (
    <ChartSvg
      label={`Growth of the chain by turns taken up: ${length(last.growthMm, unit)} now, watched from ${length(growth.watchMm, unit)}, retired at ${length(growth.retireMm, unit)}`}
      most={MOST}
      height={H}
    >
      {(width) => <Readings growth={growth} last={last} unit={unit} width={width} />}
    </ChartSvg>
  );
}

function Readings({
  growth,
  last,
  unit,
  width,
}: {
  growth: Schemas['Growth'];
  last: Schemas['Growth']['points'][number];
  unit: Schemas['LengthUnit'];
  width: number;
}) {
  const palette = useTheme().vars.palette;
  const { house } = palette;
  const points = growth.points;
  const first = points[0] ?? last;
  const start = Date.parse(first.at);
  const span = Math.max(1, Date.parse(last.at) - start);
  const most = Math.max(growth.retireMm * 1.12, last.growthMm * 1.05);
  const x = (at: string) => L + ((Date.parse(at) - start) / span) * (width - L - R);
  const y = (mm: number) => H - B - (mm / most) * (H - T - B);
  const path = points
    .map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.at).toFixed(1)} ${y(p.growthMm).toFixed(1)}`)
    .join(' ');
  const line = (mm: number, text: string, colour: string, dash: string) => (
    <g>
      <line
        x1={L}
        x2={width - R}
        y1={y(mm)}
        y2={y(mm)}
        stroke={colour}
        strokeWidth="1.8"
        strokeDasharray={dash}
      />
      <text x={L + 6} y={y(mm) - 5} fontSize="13" fontWeight="600" fill={colour}>
        {text}
      </text>
    </g>
  );
  return (
    <>
      <line x1={L} x2={width - R} y1={y(0)} y2={y(0)} stroke={house.steel} />
      <line x1={L} x2={L} y1={T} y2={y(0)} stroke={house.steel} />
      {line(growth.watchMm, `watch ${length(growth.watchMm, unit)} (est.)`, palette.text.secondary, '2 5')}
      {line(growth.retireMm, `retire ${length(growth.retireMm, unit)} (est.)`, house.rust, '9 4')}
      <path d={path} fill="none" stroke="currentColor" strokeWidth="2.4" strokeLinejoin="round" />
      {points.map((p) => (
        <line
          key={p.at}
          x1={x(p.at)}
          x2={x(p.at)}
          y1={y(p.growthMm) - 4}
          y2={y(p.growthMm) + 4}
          stroke="currentColor"
          strokeWidth="1.6"
        />
      ))}
      <text x={L - 6} y={y(0) + 4} textAnchor="end" fontSize="13" fill={palette.text.secondary}>
        0
      </text>
      <text
        x={L - 6}
        y={Math.min(y(last.growthMm) + 4, y(0) - 12)}
        textAnchor="end"
        fontSize="14"
        fontWeight="600"
        fill="currentColor"
      >
        {length(last.growthMm, unit)}
      </text>
      <text x={L} y={H - 9} fontSize="13" fill={palette.text.secondary}>
        {dayOf(first.at)}
      </text>
      <text x={width - R} y={H - 9} textAnchor="end" fontSize="13" fill={palette.text.secondary}>
        {dayOf(last.at)}
      </text>
    </>
  );
}
