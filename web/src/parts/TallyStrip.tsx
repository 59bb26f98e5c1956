import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';

interface Stroke {
  kind: 'used' | 'left' | 'over';
  part: number;
}

/** Strokes for a counter against its limit: what is used, what is left, what is over. Part strokes are shorter. */
export function strokesOf(used: number, limit: number): Stroke[] {
  const strokes: Stroke[] = [];
  const total = Math.max(Math.ceil(used), Math.ceil(limit));
  for (let i = 0; i < total; i++) {
    const filled = Math.min(1, Math.max(0, used - i));
    if (filled > 0) {
      strokes.push({ kind: i >= limit ? 'over' : 'used', part: filled });
    } else {
      strokes.push({ kind: 'left', part: 1 });
    }
  }
  return strokes;
}

const NICE = [1, 2, 5, 10, 20, 50, 100];

/** How many units one stroke stands for, so that a limit of any size is read at a glance. */
export function perStroke(limit: number, most: number): number {
  return NICE.find((n) => Math.ceil(limit / n) <= most) ?? Math.ceil(limit / most);
}

const STEP = 6;
const GROUP_GAP = 9;
const HEIGHT = 20;

function xOf(index: number): number {
  return 4 + index * STEP + Math.floor(index / 5) * GROUP_GAP;
}

/** Tally marks in fives, every fifth struck through the four before it. The text says the same for a screen reader. */
export function TallyStrip({
  used,
  limit,
  text,
  most = 20,
}: {
  used: number;
  limit: number;
  text: string;
  /** Strokes drawn at most up to the limit; a longer limit is drawn in twos, fives, tens. */
  most?: number;
}) {
  const house = useTheme().vars.palette.house;
  const colour = { used: 'currentColor', left: house.hairline, over: house.rust };
  const per = perStroke(limit, most);
  const strokes = strokesOf(used / per, limit / per).slice(0, most + 5);
  const said = per === 1 ? text : `${text}. Each stroke stands for ${per}`;
  const width = xOf(strokes.length) + 4;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={said}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      sx={{ width, height: HEIGHT, display: 'block', overflow: 'visible' }}
    >
      <title>{said}</title>
      {strokes.map((stroke, i) => {
        const x = xOf(i);
        const fifth = i % 5 === 4;
        const top = 3 + (1 - stroke.part) * 9;
        return (
          <g key={i}>
            {stroke.kind === 'over' && (
              // Over the limit: with a bar across its head, so that it is seen without its colour.
              <line x1={x - 2.4} x2={x + 3.4} y1={2} y2={2} stroke={colour.over} strokeWidth={2.2} />
            )}
            <line
              x1={fifth ? x - 4 * STEP - 3 : x + 1.2}
              y1={fifth ? 14 : top}
              x2={fifth ? x + 1 : x - 1.2}
              y2={fifth ? 5 : 17}
              stroke={colour[stroke.kind]}
              strokeWidth={stroke.kind === 'left' ? 2 : 2.4}
              strokeLinecap="round"
            />
          </g>
        );
      })}
    </Box>
  );
}
