import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { damageWords, sideWords } from '../../words/edge';
import { byCaliper } from '../../words/units';
import { plannedStrokes } from './order';

/** Every cutter in figures, beside the drawing: the same to read, to a screen reader too, and to go to. */
export function CutterList({
  open,
  after,
  current,
  onChoose,
}: {
  open: Schemas['OpenSharpening'];
  after: boolean;
  current: number;
  onChoose: (place: number) => void;
}) {
  return (
    <Box
      component="ol"
      aria-label="Cutters"
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(104px, 1fr))',
        gap: 0.5,
      }}
    >
      {open.places.map((p) => {
        const value = after ? p.afterMm : p.beforeMm;
        const strokes = plannedStrokes(open, p.place);
        return (
          <li key={p.place}>
            <Box
              component="button"
              type="button"
              aria-current={p.place === current}
              aria-label={`Cutter ${p.place + 1}, ${sideWords[p.side]}: ${value === undefined ? 'not measured' : byCaliper(value)}${p.damage ? `, ${damageWords[p.damage].toLowerCase()}` : ''}${strokes === undefined ? '' : `, ${strokes} strokes`}${p.strokes === undefined ? '' : ', filed'}`}
              onClick={() => onChoose(p.place)}
              sx={(t) => ({
                font: 'inherit',
                fontSize: 13,
                width: '100%',
                minHeight: 44,
                textAlign: 'left',
                px: 0.75,
                cursor: 'pointer',
                color: p.damage || p.leftOut ? t.vars.palette.house.rust : 'inherit',
                background: t.vars.palette.background.paper,
                borderRadius: '5px',
                border: `1px solid ${t.vars.palette.house.hairline}`,
                ...(p.place === current && {
                  borderColor: t.vars.palette.house.tagEdge,
                  boxShadow: `inset 4px 0 0 ${t.vars.palette.house.tag}`,
                }),
              })}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
                <span>
                  {p.place + 1} {p.side === 'LEFT' ? 'L' : 'R'}
                </span>
                <strong>{value === undefined ? '–' : value.toFixed(2)}</strong>
              </Box>
              <Box sx={{ color: 'text.secondary', display: 'flex', justifyContent: 'space-between' }}>
                <span>{p.damage ? damageWords[p.damage] : p.leftOut ? 'left out' : ''}</span>
                <span>
                  {p.strokes !== undefined
                    ? 'filed'
                    : strokes === undefined
                      ? ''
                      : `${strokes} ${strokes === 1 ? 'stroke' : 'strokes'}`}
                </span>
              </Box>
            </Box>
          </li>
        );
      })}
    </Box>
  );
}
