import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';
import { sideWords } from '../words/edge';
import { ChartSvg } from './ChartSvg';
import { byCaliper } from '../words/units';
import { cutterHeights, LOOP, loopOutline, spotOnLoop } from './geometry/loop';

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

/** The loop around its bar, every cutter as tall as it is long: left ones solid, right ones hollow. */
export function LoopMap(props: Props) {
  const { places, after } = props;
  const lengths = places
    .flatMap((p) => [p.beforeMm, after ? p.afterMm : undefined])
    .filter((v) => v !== undefined);
  const known = lengths.length > 0;
  const range = known ? `${byCaliper(Math.min(...lengths))} to ${byCaliper(Math.max(...lengths))}` : '';
  const measured = places.filter((p) => (after ? p.afterMm : p.beforeMm) !== undefined).length;
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <ChartSvg
        label={`Loop with ${places.length} cutters, ${measured} measured${known ? `, from ${range}` : ''}`}
        most={LOOP.most}
        height={LOOP.height}
      >
        {(width) => <Loop {...props} lengths={lengths} width={width} />}
      </ChartSvg>
      <Box
        component="figcaption"
        sx={{ maxWidth: LOOP.most, fontSize: 13.5, color: 'text.secondary', textAlign: 'center' }}
      >
        {known ? `${range}. ` : 'Start at the marked cutter. '}Left ones solid, right ones hollow.
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
  lengths,
  width,
}: Props & { lengths: number[]; width: number }) {
  const { house, text, background } = useTheme().vars.palette;
  const tall = cutterHeights(lengths);
  return (
    <>
      <path d={loopOutline(width)} fill={house.metal} stroke={house.steel} strokeWidth="1.5" />
      <circle
        cx={width - LOOP.ends}
        cy={LOOP.middle}
        r="9"
        fill="none"
        stroke={house.steel}
        strokeWidth="1.5"
      />
      <circle cx={LOOP.ends} cy={LOOP.middle} r="13" fill="none" stroke={house.steel} strokeWidth="1.5" />
      {places.map((p) => {
        const { x, y, nx, ny } = spotOnLoop((p.place + 0.5) / places.length, width);
        const value = after ? (p.afterMm ?? p.beforeMm) : p.beforeMm;
        const here = p.place === current;
        const isShortest = value !== undefined && p.beforeMm === shortest && !p.damage && !p.leftOut;
        const odd = p.damage !== undefined || p.leftOut || outliers.includes(p.place);
        const height = tall(value);
        const tone = odd ? house.rust : isShortest ? house.tagEdge : text.primary;
        const end = { x: x + nx * height, y: y + ny * height };
        return (
          <g key={p.place} onClick={() => onChoose(p.place)} style={{ cursor: 'pointer' }}>
            <line
              x1={x}
              y1={y}
              x2={x + nx * LOOP.touch}
              y2={y + ny * LOOP.touch}
              stroke="transparent"
              strokeWidth="15"
            />
            {here && (
              <circle
                cx={x + nx * LOOP.mark}
                cy={y + ny * LOOP.mark}
                r={LOOP.markRadius}
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
            <title>{`Cutter ${p.place + 1}, ${sideWords[p.side]}${value === undefined ? '' : `, ${byCaliper(value)}`}`}</title>
          </g>
        );
      })}
    </>
  );
}
