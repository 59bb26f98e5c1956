import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { BURNED, tanks } from '../words/format';
import { lifeSentence, wearWords } from '../words/wear';
import { byGauge, onAxis } from '../words/units';
import { ChartSvg } from './ChartSvg';
import { pathThrough } from './geometry/growth';
import { WEAR, wearLayout } from './geometry/wear';

const MOST = 420;
const { height: H, left: L, right: R, top: T, bottom: B } = WEAR;

/** Readings of one kind of wear over tanks, the limit, and where the readings point: a fan as wide as they scatter. */
export function WearChart({ wear, power }: { wear: Schemas['WearView']; power: Schemas['Power'] }) {
  const last = wear.points[wear.points.length - 1];
  if (!last) return null;
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <Box component="figcaption" sx={{ fontWeight: 600, fontSize: 15 }}>
        {wearWords[wear.kind]}: {byGauge(last.mm)}
      </Box>
      <ChartSvg
        label={`${wearWords[wear.kind]} over ${BURNED[power]}s: ${byGauge(last.mm)}, limit ${byGauge(wear.limitMm)}. ${lifeSentence(wear, power)}`}
        most={MOST}
        height={H}
      >
        {(width) => <Readings wear={wear} last={last} width={width} power={power} />}
      </ChartSvg>
      <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{lifeSentence(wear, power)}</Box>
    </Box>
  );
}

function Readings({
  wear,
  last,
  width,
  power,
}: {
  wear: Schemas['WearView'];
  last: Schemas['WearView']['points'][number];
  width: number;
  power: Schemas['Power'];
}) {
  const { house, text } = useTheme().vars.palette;
  const { x, y, low, high, places, fan } = wearLayout(wear, width);
  const from = { x: x(last.use), y: y(last.mm) };
  return (
    <>
      <line x1={L} x2={L} y1={T - 6} y2={H - B} stroke={house.steel} />
      <line x1={L} x2={width - R} y1={H - B} y2={H - B} stroke={house.steel} />
      {fan && (
        <>
          <path d={`${pathThrough([from, fan.early, fan.late])}Z`} fill={house.tagPale} />
          <path
            d={pathThrough([from, fan.likely])}
            stroke={house.tagEdge}
            strokeWidth="2.2"
            strokeDasharray="6 4"
            fill="none"
          />
        </>
      )}
      <line
        x1={L}
        x2={width - R}
        y1={y(wear.limitMm)}
        y2={y(wear.limitMm)}
        stroke={house.rust}
        strokeWidth="1.8"
        strokeDasharray="9 4"
      />
      <text
        x={L + 8}
        y={y(wear.limitMm) + (wear.limitMm === low ? -5 : 15)}
        fontSize="13"
        fontWeight="600"
        fill={house.rust}
      >
        limit {byGauge(wear.limitMm)}
      </text>
      {places.map((p, i) => (
        <line key={i} x1={p.x} x2={p.x} y1={p.y - 4.5} y2={p.y + 4.5} stroke={text.primary} strokeWidth="2" />
      ))}
      <text x={L - 6} y={y(high) + 4} textAnchor="end" fontSize="12.5" fill={text.secondary}>
        {onAxis(high)}
      </text>
      <text x={L - 6} y={y(low) + 4} textAnchor="end" fontSize="12.5" fill={text.secondary}>
        {onAxis(low)}
      </text>
      <text x={x(wear.usedTanks)} y={H - 8} textAnchor="middle" fontSize="12.5" fill={text.secondary}>
        {tanks(Math.round(wear.usedTanks), power)}
      </text>
    </>
  );
}
