import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import { byGauge, length } from '../words/units';
import { barSection, SECTION } from './geometry/barSection';

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

const { top: TOP, mid: MID } = SECTION;

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
  const { half, bottom, tangEnd, rails, link } = barSection({
    depthMm,
    tangMm,
    widthMm,
    gaugeMm,
    differenceMm,
  });
  const tone = scrap ? house.rust : house.good;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Section of the bar${clearance === undefined ? '' : `: clearance ${byGauge(clearance)}`}`}
      viewBox="0 0 520 222"
      sx={{
        width: '100%',
        maxWidth: 520,
        maxHeight: { xs: 170, md: 220 },
        display: 'block',
        fontFamily: 'inherit',
      }}
    >
      <path d={rails} fill={house.metal} stroke={text.secondary} strokeWidth="1.8" strokeLinejoin="round" />
      {tangMm !== undefined && (
        <path d={link} fill={background.paper} stroke={text.primary} strokeWidth="1.8" />
      )}
      {clearance !== undefined && (
        <g stroke={tone} strokeWidth="1.8">
          <line x1={MID + 8 + half} x2={340} y1={tangEnd} y2={tangEnd} strokeDasharray="4 4" />
          <line x1={MID + 8 + half} x2={340} y1={bottom} y2={bottom} strokeDasharray="4 4" />
          <line x1={330} x2={330} y1={tangEnd} y2={bottom} />
        </g>
      )}
      <text
        x={352}
        y={Math.min(bottom, 200) - 4}
        fontSize="17"
        fontWeight="600"
        fill={clearance === undefined ? text.secondary : tone}
      >
        {clearance === undefined ? 'Measure the depth' : `clearance ${byGauge(clearance)}`}
      </text>
      {tangMm !== undefined && (
        <text x={352} y={TOP + 22} fontSize="14" fill={text.secondary}>
          tang {length(tangMm)}
        </text>
      )}
      {differenceMm !== undefined && differenceMm > 0 && (
        <text x={352} y={TOP} fontSize="14" fill={text.secondary}>
          rails {byGauge(differenceMm)} apart
        </text>
      )}
    </Box>
  );
}
