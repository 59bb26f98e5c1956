import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { dayOf } from '../words/format';
import { ChartSvg } from './ChartSvg';
import { length } from '../words/units';
import { GROWTH, growthLayout } from './geometry/growth';

const MOST = 620;
const { height: H, left: L, right: R, top: T } = GROWTH;

/** Growth of the loop over time, with the lines at which it is watched and retired. */
export function GrowthChart({ growth }: { growth: Schemas['Growth'] }) {
  const last = growth.points[growth.points.length - 1];
  if (!last) {
    return <Box sx={{ color: 'text.secondary' }}>No reading of this chain yet.</Box>;
  }
  return (
    <ChartSvg
      label={`Growth of the chain by turns taken up: ${length(last.growthMm)} now, watched from ${length(growth.watchMm)}, retired at ${length(growth.retireMm)}`}
      most={MOST}
      height={H}
    >
      {(width) => <Readings growth={growth} last={last} width={width} />}
    </ChartSvg>
  );
}

function Readings({
  growth,
  last,
  width,
}: {
  growth: Schemas['Growth'];
  last: Schemas['Growth']['points'][number];
  width: number;
}) {
  const palette = useTheme().vars.palette;
  const { house } = palette;
  const first = growth.points[0] ?? last;
  const { places, y, path } = growthLayout(growth, width);
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
      {line(growth.watchMm, `watch ${length(growth.watchMm)} (est.)`, palette.text.secondary, '2 5')}
      {line(growth.retireMm, `retire ${length(growth.retireMm)} (est.)`, house.rust, '9 4')}
      <path d={path} fill="none" stroke="currentColor" strokeWidth="2.4" strokeLinejoin="round" />
      {places.map((p, i) => (
        <line key={i} x1={p.x} x2={p.x} y1={p.y - 4} y2={p.y + 4} stroke="currentColor" strokeWidth="1.6" />
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
        {length(last.growthMm)}
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
