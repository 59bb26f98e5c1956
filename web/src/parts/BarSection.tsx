import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import { rounded } from '../words/format';

interface Props {
  depthMm: number | undefined;
  tangMm: number | undefined;
  clearanceMm: number | undefined;
  widthMm: number | undefined;
  gaugeMm: number | undefined;
  /** One rail over the other. */
  differenceMm: number | undefined;
  scrap: boolean;
}

const SCALE = 16;
const TOP = 44;
const MID = 190;

/** The bar cut across: the groove with the tang of a drive link in it, the room below it, and the two rails. */
export function BarSection({
  depthMm,
  tangMm,
  clearanceMm: clearance,
  widthMm,
  gaugeMm,
  differenceMm,
  scrap,
}: Props) {
  const { house, text, background } = useTheme().vars.palette;
  const depth = depthMm ?? (tangMm ?? 6) + 2;
  const gauge = gaugeMm ?? 1.3;
  const width = Math.max(widthMm ?? gauge + 0.12, gauge);
  const half = (width * SCALE * 1.6) / 2;
  const tang = tangMm ?? 0;
  const lower = (differenceMm ?? 0) * SCALE;
  const bottom = TOP + depth * SCALE;
  const wall = 34;
  const tone = scrap ? house.rust : house.good;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Section of the bar${clearance === undefined ? '' : `: clearance ${rounded(clearance, 2)} mm`}`}
      viewBox="0 0 520 222"
      sx={{
        width: '100%',
        maxWidth: 520,
        maxHeight: { xs: 170, md: 220 },
        display: 'block',
        fontFamily: 'inherit',
      }}
    >
      <path
        d={`M${MID - half - wall} ${TOP}H${MID - half}V${bottom}H${MID + half}V${TOP + lower}H${MID + half + wall}V214H${MID - half - wall}Z`}
        fill={house.metal}
        stroke={text.secondary}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      {tangMm !== undefined && (
        <path
          d={`M${MID - (gauge * SCALE * 1.6) / 2} ${TOP - 22}h${gauge * SCALE * 1.6}v${22 + tang * SCALE - 6}l${-gauge * SCALE * 0.8} 6l${-gauge * SCALE * 0.8} -6z`}
          fill={background.paper}
          stroke={text.primary}
          strokeWidth="1.8"
        />
      )}
      {clearance !== undefined && (
        <g stroke={tone} strokeWidth="1.8">
          <line
            x1={MID + 8 + half}
            x2={340}
            y1={TOP + tang * SCALE}
            y2={TOP + tang * SCALE}
            strokeDasharray="4 4"
          />
          <line x1={MID + 8 + half} x2={340} y1={bottom} y2={bottom} strokeDasharray="4 4" />
          <line x1={330} x2={330} y1={TOP + tang * SCALE} y2={bottom} />
        </g>
      )}
      <text
        x={352}
        y={Math.min(bottom, 200) - 4}
        fontSize="17"
        fontWeight="600"
        fill={clearance === undefined ? text.secondary : tone}
      >
        {clearance === undefined ? 'Measure the depth' : `clearance ${rounded(clearance, 2)} mm`}
      </text>
      {tangMm !== undefined && (
        <text x={352} y={TOP + 22} fontSize="14" fill={text.secondary}>
          tang {rounded(tangMm, 1)} mm
        </text>
      )}
      {differenceMm !== undefined && differenceMm > 0 && (
        <text x={352} y={TOP} fontSize="14" fill={text.secondary}>
          rails {rounded(differenceMm, 2)} mm apart
        </text>
      )}
    </Box>
  );
}
