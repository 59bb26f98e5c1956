import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { mm, sideWords } from '../words/edge';
import { ChartSvg } from './ChartSvg';

interface Props {
  places: Schemas['CutterPlace'][];
  /** Shown after filing, beside what they were before. */
  after: boolean;
  /** The shortest healthy one, to which all others come down. */
  shortest: number | undefined;
  outliers: number[];
  current: number | undefined;
  onChoose: (place: number) => void;
}

const MOST = 760;
const HEIGHT = 224;
/** Room for the cutters at the nose and the tail, whatever the width. */
const ENDS = 78;
const RADIUS = 36;
const MIDDLE = 112;
const ROUND = Math.PI * RADIUS;
const TALL = 44;

/** Where a cutter stands on the loop, and which way is outward. From the start cutter along the top, round the nose, back below. */
function spot(share: number, width: number): { x: number; y: number; nx: number; ny: number } {
  const right = width - ENDS;
  const straight = right - ENDS;
  const s = share * 2 * (straight + ROUND);
  const round = (middle: number, angle: number) => {
    const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
    return { x: middle + RADIUS * nx, y: MIDDLE + RADIUS * ny, nx, ny };
  };
  if (s < straight) return { x: ENDS + s, y: MIDDLE - RADIUS, nx: 0, ny: -1 };
  if (s < straight + ROUND) return round(right, (s - straight) / RADIUS - Math.PI / 2);
  if (s < 2 * straight + ROUND) {
    return { x: right - (s - straight - ROUND), y: MIDDLE + RADIUS, nx: 0, ny: 1 };
  }
  return round(ENDS, (s - 2 * straight - ROUND) / RADIUS + Math.PI / 2);
}

/** The loop around its bar, every cutter as tall as it is long: left ones solid, right ones hollow. */
export function LoopMap(props: Props) {
  const { places, after } = props;
  const lengths = places
    .flatMap((p) => [p.beforeMm, after ? p.afterMm : undefined])
    .filter((v) => v !== undefined);
  const least = Math.min(...lengths, Infinity);
  const most = Math.max(...lengths, -Infinity);
  const known = Number.isFinite(least);
  const measured = places.filter((p) => (after ? p.afterMm : p.beforeMm) !== undefined).length;
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <ChartSvg
        label={`Loop with ${places.length} cutters, ${measured} measured${known ? `, from ${mm(least)} to ${mm(most)}` : ''}`}
        most={MOST}
        height={HEIGHT}
      >
        {(width) => <Loop {...props} least={least} most={most} width={width} />}
      </ChartSvg>
      <Box
        component="figcaption"
        sx={{ maxWidth: MOST, fontSize: 13.5, color: 'text.secondary', textAlign: 'center' }}
      >
        {known ? `${mm(least)} to ${mm(most)}. ` : 'Start at the marked cutter. '}Left ones solid, right ones
        hollow.
      </Box>
    </Box>
  );
}

function Loop({
  places,
  after,
  shortest,
  outliers,
  current,
  onChoose,
  least,
  most,
  width,
}: Props & { least: number; most: number; width: number }) {
  const { house, text, background } = useTheme().vars.palette;
  const right = width - ENDS;
  const low = Number.isFinite(least) ? least - 0.35 : 0;
  const high = Number.isFinite(most) ? Math.max(most, low + 0.9) : 1;
  const tall = (value: number) => 6 + ((value - low) / (high - low)) * TALL;
  return (
    <>
      <path
        d={`M${ENDS} ${MIDDLE - RADIUS}H${right}A${RADIUS} ${RADIUS} 0 0 1 ${right} ${MIDDLE + RADIUS}H${ENDS}A${RADIUS} ${RADIUS} 0 0 1 ${ENDS} ${MIDDLE - RADIUS}Z`}
        fill={house.metal}
        stroke={house.steel}
        strokeWidth="1.5"
      />
      <circle cx={right} cy={MIDDLE} r="9" fill="none" stroke={house.steel} strokeWidth="1.5" />
      <circle cx={ENDS} cy={MIDDLE} r="13" fill="none" stroke={house.steel} strokeWidth="1.5" />
      {places.map((p) => {
        const { x, y, nx, ny } = spot((p.place + 0.5) / places.length, width);
        const value = after ? (p.afterMm ?? p.beforeMm) : p.beforeMm;
        const here = p.place === current;
        const isShortest = value !== undefined && p.beforeMm === shortest && !p.damage && !p.leftOut;
        const odd = p.damage !== undefined || p.leftOut || outliers.includes(p.place);
        const height = value === undefined ? 5 : tall(value);
        const tone = odd ? house.rust : isShortest ? house.tagEdge : text.primary;
        const end = { x: x + nx * height, y: y + ny * height };
        return (
          <g key={p.place} onClick={() => onChoose(p.place)} style={{ cursor: 'pointer' }}>
            <line x1={x} y1={y} x2={x + nx * 58} y2={y + ny * 58} stroke="transparent" strokeWidth="15" />
            {here && (
              <circle
                cx={x + nx * 64}
                cy={y + ny * 64}
                r="5.5"
                fill={house.tag}
                stroke={house.tagEdge}
                strokeWidth="2"
              />
            )}
            {after && p.afterMm !== undefined && p.beforeMm !== undefined && (
              <line
                x1={x}
                y1={y}
                x2={x + nx * tall(p.beforeMm)}
                y2={y + ny * tall(p.beforeMm)}
                stroke={house.hairline}
                strokeWidth="9"
              />
            )}
            <line
              x1={x}
              y1={y}
              x2={end.x}
              y2={end.y}
              stroke={value === undefined ? house.steel : tone}
              strokeWidth="8"
            />
            {p.side === 'RIGHT' && value !== undefined && (
              <line
                x1={x + nx * 2}
                y1={y + ny * 2}
                x2={end.x - nx * 2.5}
                y2={end.y - ny * 2.5}
                stroke={isShortest ? house.tag : background.default}
                strokeWidth="3.6"
              />
            )}
            {p.damage && (
              <path d={`M${end.x - 4} ${end.y - 4}l8 8m0-8l-8 8`} stroke={house.rust} strokeWidth="2.4" />
            )}
            {p.strokes !== undefined && <circle cx={x - nx * 10} cy={y - ny * 10} r="3" fill={house.good} />}
            <title>{`Cutter ${p.place + 1}, ${sideWords[p.side]}${value === undefined ? '' : `, ${mm(value)}`}`}</title>
          </g>
        );
      })}
    </>
  );
}
