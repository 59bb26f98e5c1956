import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { rounded, tanks } from '../words/format';
import { lifeSentence, wearWords } from '../words/wear';
import { ChartSvg } from './ChartSvg';

const MOST = 420;
const H = 168;
const L = 46;
const R = 14;
const T = 16;
const B = 26;

/** Readings of one kind of wear over tanks, the limit, and where the readings point: a fan as wide as they scatter. */
export function WearChart({ wear }: { wear: Schemas['WearView'] }) {
  const last = wear.points[wear.points.length - 1];
  if (!last) return null;
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <Box component="figcaption" sx={{ fontWeight: 600, fontSize: 15 }}>
        {wearWords[wear.kind]}: {rounded(last.mm, 2)} mm
      </Box>
      <ChartSvg
        label={`${wearWords[wear.kind]} over tanks: ${rounded(last.mm, 2)} mm, limit ${rounded(wear.limitMm, 2)} mm. ${lifeSentence(wear)}`}
        most={MOST}
        height={H}
      >
        {(width) => <Readings wear={wear} last={last} width={width} />}
      </ChartSvg>
      <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{lifeSentence(wear)}</Box>
    </Box>
  );
}

function Readings({
  wear,
  last,
  width,
}: {
  wear: Schemas['WearView'];
  last: Schemas['WearView']['points'][number];
  width: number;
}) {
  const { house, text } = useTheme().vars.palette;
  const ahead =
    wear.tanksLikely === undefined
      ? 0
      : Math.min(wear.tanksLate ?? wear.tanksLikely * 1.5, wear.usedTanks * 1.6 + 10);
  const most = Math.max(1, wear.usedTanks + ahead);
  const values = [...wear.points.map((p) => p.mm), wear.limitMm];
  const low = Math.min(...values);
  const high = Math.max(...values);
  const pad = Math.max(0.05, (high - low) * 0.1);
  const x = (use: number) => L + (use / most) * (width - L - R);
  const y = (value: number) => T + ((high + pad - value) / (high - low + 2 * pad)) * (H - T - B);
  const to = (left: number | undefined) => {
    const tanksLeft = left ?? most;
    const share = Math.min(1, ahead / Math.max(0.01, tanksLeft));
    return `${x(wear.usedTanks + Math.min(ahead, tanksLeft)).toFixed(1)} ${y(last.mm + (wear.limitMm - last.mm) * share).toFixed(1)}`;
  };
  const from = `${x(last.use).toFixed(1)} ${y(last.mm).toFixed(1)}`;
  return (
    <>
      <line x1={L} x2={L} y1={T - 6} y2={H - B} stroke={house.steel} />
      <line x1={L} x2={width - R} y1={H - B} y2={H - B} stroke={house.steel} />
      {wear.tanksLikely !== undefined && ahead > 0 && (
        <>
          <path d={`M${from}L${to(wear.tanksEarly)}L${to(wear.tanksLate)}Z`} fill={house.tagPale} />
          <path
            d={`M${from}L${to(wear.tanksLikely)}`}
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
        limit {rounded(wear.limitMm, 1)} mm
      </text>
      {wear.points.map((p, i) => (
        <line
          key={i}
          x1={x(p.use)}
          x2={x(p.use)}
          y1={y(p.mm) - 4.5}
          y2={y(p.mm) + 4.5}
          stroke={text.primary}
          strokeWidth="2"
        />
      ))}
      <text x={L - 6} y={y(high) + 4} textAnchor="end" fontSize="12.5" fill={text.secondary}>
        {rounded(high, 1)}
      </text>
      <text x={L - 6} y={y(low) + 4} textAnchor="end" fontSize="12.5" fill={text.secondary}>
        {rounded(low, 1)}
      </text>
      <text x={x(wear.usedTanks)} y={H - 8} textAnchor="middle" fontSize="12.5" fill={text.secondary}>
        {tanks(Math.round(wear.usedTanks))}
      </text>
    </>
  );
}
