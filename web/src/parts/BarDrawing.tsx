import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Schemas } from '../api/client';
import { BAR, barAndChain } from './geometry/barAndChain';

interface Props {
  method: Schemas['TensionMethod'];
  /** The reading as the rules understood it, mm or degrees. */
  figure: number | undefined;
  tips: Schemas['TipsPosition'] | undefined;
  outcome: Schemas['TensionOutcome'] | undefined;
  label: string | undefined;
}

const { left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM, nose: NOSE_X } = BAR;

/** Bar and chain with the reading on them: pulled down, lifted, sagging, or lying in the groove. */
export function BarDrawing({ method, figure, tips, outcome, label }: Props) {
  const theme = useTheme();
  const { house } = theme.vars.palette;
  // Letters shrink with the drawing; on a phone they start larger.
  const letters = useMediaQuery(theme.breakpoints.down('sm')) ? 1.7 : 1;
  const tone =
    outcome === 'RIGHT' || outcome === 'FIRM'
      ? house.good
      : outcome === undefined || outcome === 'NO_VERDICT'
        ? house.steel
        : house.rust;
  const lifted = method === 'LIFT_AND_SNAP';
  const angle = method === 'TWELFTH_PAST_TOUCH';
  const { drop, edge, side, links, mid, y, other } = barAndChain(method, figure, tips);
  const reading = label ?? 'no reading yet';
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Bar and chain, ${reading}`}
      viewBox={`0 14 ${letters > 1 ? 800 : 760} 216`}
      sx={{ width: '100%', maxWidth: 760, maxHeight: 184, display: 'block' }}
    >
      <path
        d={`M${LEFT} ${TOP} H${NOSE_X} A32 32 0 0 1 ${NOSE_X} ${BOTTOM} H${LEFT} Z`}
        fill={house.metal}
        stroke={house.steel}
        strokeWidth="2"
      />
      <line
        x1={LEFT}
        x2={NOSE_X}
        y1={edge - side * 8}
        y2={edge - side * 8}
        stroke={house.steel}
        strokeDasharray="3 3"
      />
      <circle
        cx={NOSE_X - 4}
        cy={(TOP + BOTTOM) / 2}
        r="10"
        fill="none"
        stroke={house.steel}
        strokeWidth="2"
      />
      <circle cx={NOSE_X - 4} cy={(TOP + BOTTOM) / 2} r="2" fill={house.steel} />
      <line
        x1={LEFT}
        x2={NOSE_X}
        y1={other}
        y2={other}
        stroke={house.steel}
        strokeWidth="5"
        strokeDasharray="14 6"
      />
      {links.map(({ x, y: at }, i) => {
        return (
          <g key={x} fill="currentColor">
            <rect x={x - 12} y={at - 3.5} width="24" height="7" rx="3" />
            <path d={`M${x - 6} ${at - side * 3} L${x} ${at - side * 13} L${x + 6} ${at - side * 3} Z`} />
            {i % 3 === 1 && (
              <path d={`M${x - 9} ${at + side * 3} h18 l-4 ${side * 7} h-10 Z`} fill={house.steel} />
            )}
          </g>
        );
      })}
      {(figure !== undefined || tips) && !angle && (
        <g stroke={tone} fill={tone}>
          <line x1={mid + 8} x2={mid + 24} y1={edge} y2={edge} strokeWidth="2" />
          <line x1={mid + 16} x2={mid + 16} y1={edge} y2={edge + side * (drop + 4)} strokeWidth="2" />
          <line
            x1={mid + 8}
            x2={mid + 24}
            y1={edge + side * (drop + 4)}
            y2={edge + side * (drop + 4)}
            strokeWidth="2"
          />
          {method !== 'RAIL_TOUCH' && (
            <path
              d={`M${mid} ${y(mid) + side * 12} v${side * 10} m-5 0 l5 ${side * 7} l5 ${-side * 7} Z`}
              strokeWidth="2"
            />
          )}
        </g>
      )}
      {label && (
        <text
          x={method === 'RAIL_TOUCH' || angle ? mid + 30 : mid + 14}
          y={y(mid) + (lifted ? -14 : 16 + 16 * letters)}
          fill={tone}
          stroke="none"
          fontFamily="Barlow Condensed"
          fontWeight="700"
          fontSize={26 * letters}
          style={{ paintOrder: 'stroke' }}
        >
          {label}
        </text>
      )}
      <g stroke={house.good} fill={house.good} strokeWidth="2.2">
        <path d={`M${RIGHT + 24} ${BOTTOM + 22} V${TOP + 14}`} fill="none" />
        <path d={`M${RIGHT + 18} ${TOP + 16} l6 -10 l6 10 Z`} />
        <text
          x={RIGHT + 36}
          y={(TOP + BOTTOM) / 2 + 8}
          stroke="none"
          fontWeight="600"
          fontSize={15 * letters}
        >
          nose up
        </text>
      </g>
    </Box>
  );
}
