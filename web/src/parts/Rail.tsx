import Box from '@mui/material/Box';
import type { Schemas } from '../api/client';
import { Plate } from './Plate';

/** A longer rail scrolls in itself, so that held saws and waiting work stay in sight. */
const MANY = 40;

/** A rail with its plates on hooks; wraps when the fleet is large. */
export function Rail({ title, note, plates }: { title: string; note: string; plates: Schemas['Plate'][] }) {
  return (
    <Box
      component="section"
      aria-label={note ? `${title}, ${note}` : title}
      sx={{
        flex: `${Math.max(1, plates.length)} 1 ${Math.max(1.7, plates.length) * 69 - 7}px`,
        minWidth: 110,
        // A short rail that had to wrap does not run across the whole board.
        maxWidth: `min(100%, ${Math.max(2, plates.length) * 69 + 110}px)`,
      }}
    >
      <Box
        sx={{ display: 'flex', gap: 1, alignItems: 'baseline', mb: 0.5, minHeight: 27, whiteSpace: 'nowrap' }}
      >
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {title}
        </Box>
        <Box component="span" sx={{ color: 'text.secondary', fontSize: 13 }}>
          {note}
        </Box>
      </Box>
      <Box sx={(t) => ({ height: 7, borderRadius: 1, background: t.vars.palette.house.steel })} />
      <Box
        component="ul"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: '8px 7px',
          m: 0,
          p: 0,
          pt: '9px',
          minHeight: 92,
          ...(plates.length > MANY && { maxHeight: 214, overflowY: 'auto' }),
        }}
      >
        {plates.map((plate) => (
          <Plate key={plate.tag} plate={plate} />
        ))}
      </Box>
    </Box>
  );
}
