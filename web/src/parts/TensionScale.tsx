import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Schemas } from '../api/client';
import { words } from '../words/en';
import { byRule } from '../words/units';
import { pullAcross, rowsOf, SCALE, wide } from './geometry/tensionScale';

const WIDE = 760;
/** On a phone the same drawing is laid out narrower, so that its words stay readable. */
const NARROW = 380;
const { bandTop: BAND_TOP, bandHeight: BAND_HEIGHT } = SCALE;

/** The common scale: bands of the method read, every method's own aim, and where this saw lies. */
export function TensionScale({
  scale,
  house,
  place,
  work,
}: {
  scale: Schemas['CommonScale'];
  house: Schemas['TensionMethod'];
  place: number | undefined;
  work: Schemas['Work'];
}) {
  const theme = useTheme();
  const palette = theme.vars.palette;
  const narrow = useMediaQuery(theme.breakpoints.down('sm'));
  const width = narrow ? NARROW : WIDE;
  // A phone has no room for the long words.
  const ofTheHouse = narrow ? ' (house)' : ', house method';
  const colours = palette.house;
  const fill: Partial<Record<Schemas['TensionOutcome'], string>> = {
    TOO_TIGHT: colours.rust,
    FIRM: colours.metal,
    RIGHT: colours.goodSoft,
    LOOSE: colours.metal,
    THROW_RISK: colours.rust,
  };
  const ink: Partial<Record<Schemas['TensionOutcome'], string>> = {
    TOO_TIGHT: colours.onRust,
    RIGHT: colours.onGoodSoft,
    THROW_RISK: colours.onRust,
  };
  const x = pullAcross(scale.endMm, width);
  const sameAim = scale.marks.filter((m) => m.method === 'TANG_LINE' || m.method === 'LIFT_AND_SNAP');
  const labels = rowsOf(
    [
      ...scale.marks
        .filter((m) => !sameAim.includes(m))
        .map((m) => ({
          text: `${words.method[m.method]}${m.estimated ? ' (est.)' : ''}${m.method === house ? ofTheHouse : ''}`,
          x: x(m.placeMm),
          strong: m.method === house,
        })),
      {
        text: `${narrow ? 'Tang line, lift' : 'Tang line, lift and snap'}${house === 'TANG_LINE' || house === 'LIFT_AND_SNAP' ? ofTheHouse : ''}`,
        x: x(scale.targetMm),
        strong: house === 'TANG_LINE' || house === 'LIFT_AND_SNAP',
      },
    ],
    width,
  );
  const bottom = BAND_TOP + BAND_HEIGHT;
  const height = bottom + 14 + Math.max(...labels.map((l) => l.row + 1)) * 19;
  const marker = place === undefined ? undefined : x(place);
  const spoken = `Scale of pull-down from 0 to ${byRule(scale.endMm)}. Target ${byRule(scale.targetMm)}.${
    place === undefined ? '' : ` This saw lies at ${byRule(place)}.`
  }`;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={spoken}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ width: '100%', maxWidth: width, display: 'block', fontFamily: 'inherit' }}
    >
      {scale.bands.map((band) => {
        const from = x(band.fromMm);
        const room = x(band.toMm) - from;
        const text = `${words.outcome[band.outcome]}${band.outcome === 'RIGHT' ? ` for ${words.work[work].toLowerCase()}` : ''}`;
        const short = words.outcome[band.outcome];
        const shown = wide(text) < room ? text : wide(short) < room ? short : '';
        return (
          <g key={band.outcome}>
            <rect
              x={from}
              y={BAND_TOP}
              width={Math.max(0, room - 1.5)}
              height={BAND_HEIGHT}
              fill={fill[band.outcome] ?? colours.metal}
            />
            <text
              x={from + room / 2}
              y={BAND_TOP + 15.5}
              textAnchor="middle"
              fontSize="13"
              fontWeight="600"
              fill={ink[band.outcome] ?? palette.text.primary}
            >
              {shown}
            </text>
          </g>
        );
      })}
      {marker !== undefined && place !== undefined && (
        <g fill="currentColor">
          <path d={`M${marker - 9} ${BAND_TOP - 13} h18 l-9 12 Z`} />
          <text
            x={Math.min(Math.max(marker, 70), width - 70)}
            y={BAND_TOP - 19}
            textAnchor="middle"
            fontFamily="Barlow Condensed"
            fontWeight="700"
            fontSize="19"
          >
            {`this saw ${byRule(place)}`}
          </text>
        </g>
      )}
      {labels.map((label) => (
        <g key={label.text}>
          <line
            x1={label.x}
            x2={label.x}
            y1={bottom}
            y2={bottom + 14 + label.row * 19}
            stroke="currentColor"
            strokeWidth={label.strong ? 2.4 : 1.4}
          />
          <text
            x={label.ends ? label.x - 5 : label.x + 5}
            textAnchor={label.ends ? 'end' : 'start'}
            y={bottom + 17 + label.row * 19}
            fontSize="13.5"
            fontWeight={label.strong ? 700 : 400}
            fill={label.strong ? palette.text.primary : palette.text.secondary}
          >
            {label.text}
          </text>
        </g>
      ))}
    </Box>
  );
}
