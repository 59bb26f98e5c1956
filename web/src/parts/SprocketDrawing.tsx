import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import { byGauge } from '../words/units';
import { grooveDepth, SPROCKET, sprocketStar } from './geometry/sprocket';

/** One gap between two teeth seen large, with the groove that the drive links have worn. */
export function SprocketDrawing({ wearMm, worn }: { wearMm: number | undefined; worn: boolean }) {
  const { house, text } = useTheme().vars.palette;
  const tone = worn ? house.rust : house.good;
  const deep = grooveDepth(wearMm ?? 0);
  const star = sprocketStar()
    .map((point) => point.map((at) => at.toFixed(1)).join(','))
    .join(' ');
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Drive sprocket${wearMm === undefined ? '' : `: wear groove ${byGauge(wearMm)}`}`}
      viewBox="0 0 520 184"
      sx={{
        width: '100%',
        maxWidth: 520,
        maxHeight: { xs: 150, md: 184 },
        display: 'block',
        fontFamily: 'inherit',
      }}
    >
      <polygon
        points={star}
        fill={house.metal}
        stroke={text.secondary}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <circle cx={SPROCKET.x} cy={SPROCKET.y} r="20" fill="none" stroke={text.secondary} strokeWidth="1.8" />
      <circle
        cx={SPROCKET.x}
        cy={SPROCKET.y - 62}
        r="20"
        fill="none"
        stroke={house.tagEdge}
        strokeWidth="3"
      />
      <path
        d={`M250 40h76v${deep}q20 12 40 0v${-deep}h76v110H250z`}
        fill={house.metal}
        stroke={text.secondary}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <line x1={326} x2={366} y1={40} y2={40} stroke={text.secondary} strokeDasharray="4 4" />
      <text
        x={346}
        y={140}
        textAnchor="middle"
        fontSize="17"
        fontWeight="600"
        fill={wearMm === undefined ? text.secondary : tone}
      >
        {wearMm === undefined ? 'Measure across the teeth' : `groove ${byGauge(wearMm)}`}
      </text>
    </Box>
  );
}
