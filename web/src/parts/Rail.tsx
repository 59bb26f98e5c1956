import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { figures } from '../theme';
import { words } from '../words/en';
import { Plate } from './Plate';

/** A longer rail is folded into counts, so that held saws and waiting work stay in sight. */
const MANY = 24;

const STATES: Schemas['FitState'][] = ['FIT', 'DUE', 'HELD'];

/** A rail with its plates on hooks; a long one shows how many hang there, and opens. */
export function Rail({ title, note, plates }: { title: string; note: string; plates: Schemas['Plate'][] }) {
  const many = plates.length > MANY;
  const [open, setOpen] = useState<Schemas['FitState']>();
  const stacks = STATES.map((state) => ({
    state,
    of: plates.filter((plate) => plate.state === state),
  })).filter(({ of }) => of.length > 0);
  const hung = many ? (stacks.find(({ state }) => state === open)?.of ?? []) : plates;
  const wide = many ? (open ? 14 : Math.max(2, stacks.length)) : Math.max(1.7, plates.length);
  return (
    <Box
      component="section"
      aria-label={note ? `${title}, ${note}` : title}
      sx={{
        flex: `${Math.max(1, wide)} 1 ${wide * 69 - 7}px`,
        minWidth: 'min(100%, max-content)',
        // A short rail that had to wrap does not run across the whole board.
        maxWidth: many && open ? '100%' : `min(100%, ${Math.max(2, wide) * 69 + 110}px)`,
      }}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 1,
          alignItems: 'baseline',
          mb: 0.5,
          minHeight: 27,
        }}
      >
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {title}
        </Box>
        <Box
          component="span"
          sx={{ color: 'text.secondary', fontSize: 13, minWidth: 0, overflowWrap: 'anywhere' }}
        >
          {note}
        </Box>
      </Box>
      <Box sx={(t) => ({ height: 7, borderRadius: 1, background: t.vars.palette.house.steel })} />
      <Box
        component="ul"
        sx={{ display: 'flex', flexWrap: 'wrap', gap: '8px 7px', m: 0, p: 0, pt: '9px', minHeight: 92 }}
      >
        {many &&
          stacks.map(({ state, of }) => (
            <Stack
              key={state}
              state={state}
              count={of.length}
              open={open === state}
              onOpen={() => setOpen(open === state ? undefined : state)}
            />
          ))}
        {hung.map((plate) => (
          <Plate key={plate.tag} plate={plate} />
        ))}
      </Box>
    </Box>
  );
}

/** Many plates of one state behind each other: how many, and what they are. */
function Stack({
  state,
  count,
  open,
  onOpen,
}: {
  state: Schemas['FitState'];
  count: number;
  open: boolean;
  onOpen: () => void;
}) {
  const held = state === 'HELD';
  return (
    <Box component="li" sx={{ listStyle: 'none', pt: '7px', mr: 1 }}>
      <Box
        component="button"
        type="button"
        aria-expanded={open}
        aria-label={`${count} ${words.state[state].toLowerCase()}, ${open ? 'fold them' : 'show them'}`}
        onClick={onOpen}
        sx={(t) => {
          const { house } = t.vars.palette;
          const edge = held ? house.rust : house.tagEdge;
          const face = held ? house.tagPale : house.tag;
          return {
            font: 'inherit',
            p: 0,
            cursor: 'pointer',
            display: 'flex',
            flexDirection: 'column',
            alignItems: 'center',
            justifyContent: 'center',
            width: 74,
            height: 82,
            borderRadius: '9px',
            border: `1.5px ${held ? 'dashed' : 'solid'} ${edge}`,
            background: face,
            color: held ? t.vars.palette.text.primary : house.onTag,
            boxShadow: `4px 3px 0 -1px ${face}, 4px 3px 0 0 ${edge}, 8px 6px 0 -1px ${face}, 8px 6px 0 0 ${edge}`,
          };
        }}
      >
        <Box component="span" sx={{ ...figures, fontSize: 27, lineHeight: '28px' }}>
          {count}
        </Box>
        <Box component="span" sx={{ fontSize: 13, fontWeight: 600 }}>
          {words.state[state]}
        </Box>
        <Box component="span" sx={{ fontSize: 12, textDecoration: 'underline' }}>
          {open ? 'Fold' : 'Show'}
        </Box>
      </Box>
    </Box>
  );
}
