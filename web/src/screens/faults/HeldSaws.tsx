import { useSome } from '../../parts/more';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useBoard } from '../../api/queries';
import { TagPlate } from '../../parts/Plate';
import { workReason, workTitle } from '../../words/work';

const SHOWN = 15;

/** Saws that must not go out, and every reason, fault or none. */
export function HeldSaws() {
  const { data: board } = useBoard();
  const held = (board?.work ?? []).filter((row) => row.state === 'HELD');
  const { some, more } = useSome(held, SHOWN);
  if (!board) return null;
  return (
    <Box component="section" aria-label="Held saws">
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        Held{held.length > SHOWN ? `, ${held.length} saws` : ''}
      </Box>
      {held.length === 0 && <Box>No saw is held.</Box>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {some.map((row) => (
          <Box
            component="li"
            key={row.tag}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: 'minmax(52px, max-content) minmax(0, 1fr)',
              columnGap: 2,
              py: 1,
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
            })}
          >
            <Box>
              <TagPlate tag={row.tag} />
            </Box>
            <Box>
              {row.work
                .filter((work) => work.state === 'HELD')
                .map((work, i) => (
                  <Box key={i}>
                    <Link to={`/saws/${row.tag}`}>{workTitle(work, row.power)}</Link>{' '}
                    <Box component="span" sx={{ color: 'text.secondary' }}>
                      {workReason(work, row.power)}
                    </Box>
                  </Box>
                ))}
            </Box>
          </Box>
        ))}
      </Box>
      {more}
    </Box>
  );
}
