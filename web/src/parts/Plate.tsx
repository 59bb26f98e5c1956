import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { figures } from '../theme';
import { words } from '../words/en';
import { barLength } from '../words/format';
import { holdWord } from '../words/work';

/** Size as a plate says it: 13 in, T for a top handle, E for electric. */
export function plateSize(plate: Pick<Schemas['Plate'], 'barLengthMm' | 'handle' | 'power'>): string {
  const marks = `${plate.handle === 'TOP' ? ' T' : ''}${plate.power === 'PETROL' ? '' : ' E'}`;
  return plate.barLengthMm === undefined ? `no bar${marks}` : `${barLength(plate.barLengthMm)}${marks}`;
}

/** A saw's plate on its hook: number, size, and the state in a word, a shape and a tone. */
export function Plate({ plate }: { plate: Schemas['Plate'] }) {
  const away = plate.away !== undefined;
  const held = plate.state === 'HELD' && !away;
  const foot = away
    ? 'Away'
    : plate.visit
      ? `Step ${plate.visit.stepsDone}/${plate.visit.steps}`
      : held
        ? holdWord(plate.headline)
        : words.state[plate.state];
  return (
    <Box component="li" sx={{ listStyle: 'none', pt: '7px', position: 'relative' }}>
      <Hook />
      <Box
        component={Link}
        to={plate.visit ? `/bench/${plate.visit.visitId}` : `/saws/${plate.tag}`}
        aria-label={`Saw ${plate.tag}, ${plateSize(plate)}, ${away ? `away with ${plate.away}` : words.state[plate.state]}${held || plate.visit ? `: ${foot}` : ''}`}
        sx={(t) => ({
          display: 'flex',
          p: 0,
          flexDirection: 'column',
          alignItems: 'center',
          width: 62,
          height: 82,
          borderRadius: '9px',
          textDecoration: 'none',
          overflow: 'hidden',
          border: `${held ? 2 : 1.5}px ${held ? 'dashed' : 'solid'} ${held ? t.vars.palette.house.rust : t.vars.palette.house.tagEdge}`,
          background: held ? t.vars.palette.house.tagPale : t.vars.palette.house.tag,
          color: held ? t.vars.palette.text.primary : t.vars.palette.house.onTag,
          '&:hover': { transform: 'translateY(1px)' },
        })}
      >
        <Hole />
        <Box sx={{ ...figures, fontSize: plate.tag.length > 3 ? 18 : 25, lineHeight: '28px', mt: '12px' }}>
          {plate.tag}
        </Box>
        <Box sx={{ fontSize: 12, fontWeight: 600, lineHeight: '14px', whiteSpace: 'nowrap' }}>
          {plateSize(plate)}
        </Box>
        <Foot state={away ? 'FIT' : plate.state} bench={plate.visit !== undefined}>
          {foot}
        </Foot>
      </Box>
    </Box>
  );
}

/** What a plate hangs on; `left` pixels from its edge. */
export function Hook({ left = 23 }: { left?: number }) {
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox="0 0 16 22"
      sx={(t) => ({
        position: 'absolute',
        top: -9,
        left,
        width: 16,
        height: 22,
        fill: 'none',
        stroke: t.vars.palette.house.steel,
        strokeWidth: 2.2,
        zIndex: 1,
      })}
    >
      <path d="M8 0v9a5 5 0 1 1-5 6" strokeLinecap="round" />
    </Box>
  );
}

function Hole() {
  return (
    <Box
      sx={(t) => ({
        position: 'absolute',
        top: 13,
        left: 27,
        width: 8,
        height: 8,
        borderRadius: '50%',
        background: t.vars.palette.background.default,
        border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
      })}
    />
  );
}

function Foot({
  state,
  bench,
  children,
}: {
  state: Schemas['FitState'];
  bench: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      sx={(t) => ({
        mt: 'auto',
        width: '100%',
        textAlign: 'center',
        fontSize: 12,
        fontWeight: 600,
        lineHeight: '19px',
        ...(state === 'DUE' && { background: t.vars.palette.house.onTag, color: t.vars.palette.house.tag }),
        ...(state === 'HELD' && {
          background: t.vars.palette.house.rust,
          color: t.vars.palette.house.onRust,
        }),
        ...(bench && { background: t.vars.palette.house.bench, color: t.vars.palette.house.onBench }),
      })}
    >
      {children}
    </Box>
  );
}

/** The number alone, for lists and headings; leads to the saw. */
export function TagPlate({ tag, size = 'small' }: { tag: string; size?: 'small' | 'large' }) {
  const large = size === 'large';
  return (
    <Box
      component={Link}
      to={`/saws/${tag}`}
      aria-label={`Saw ${tag}`}
      sx={(t) => ({
        ...figures,
        display: 'inline-flex',
        alignItems: 'center',
        justifyContent: 'center',
        minWidth: large ? 58 : 36,
        height: large ? 54 : 28,
        py: 0,
        px: 0.75,
        // A long tag stays in one line, as it is painted, and what stands beside it makes room.
        flexShrink: 0,
        whiteSpace: 'nowrap',
        fontSize: tag.length > 6 ? (large ? 24 : 14) : large ? 30 : 18,
        borderRadius: '6px',
        textDecoration: 'none',
        background: t.vars.palette.house.tag,
        border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
        color: t.vars.palette.house.onTag,
      })}
    >
      {tag}
    </Box>
  );
}
