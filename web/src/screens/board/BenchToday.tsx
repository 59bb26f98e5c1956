import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { figures } from '../../theme';
import { minutes, rounded } from '../../words/format';
import { taskWords } from '../../words/schedule';
import { workTitle } from '../../words/work';

const SHOWN = 5;
/** More saws than this are drawn without gaps between them. */
const APART = 30;

/** Today's bench: saws that are in, most urgent first, against the minutes there are. */
export function BenchToday({ board, listed = true }: { board: Schemas['Board']; listed?: boolean }) {
  const { day, saws } = board.bench;
  const rows = saws.flatMap((tag) => board.work.filter((row) => row.tag === tag));
  const whole = Math.max(day.plannedMinutes, day.minutes);
  const gap = rows.length > APART ? 0 : 2;
  return (
    <Panel title="Bench today">
      <Box>
        {minutes(day.plannedMinutes)} of work, {minutes(day.minutes)} at the bench (est.)
      </Box>
      <Box
        aria-hidden
        sx={(t) => ({
          display: 'flex',
          gap: `${gap}px`,
          height: 12,
          my: 1,
          borderRadius: '2px',
          overflow: 'hidden',
          background: t.vars.palette.house.hairline,
        })}
      >
        {rows.map((row, i) => (
          <Box
            key={row.tag}
            sx={(t) => ({
              flex: `0 0 calc(${(row.minutes / whole) * 100}% - ${gap}px)`,
              background: i < day.fits ? t.vars.palette.house.beam : t.vars.palette.house.rust,
            })}
          />
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, fontSize: 13.5 }}>
        {day.fits < rows.length && <Box sx={{ flexGrow: 1 }}>Not all of this fits today.</Box>}
        {rows.length > 0 && (
          <a href="/api/paper/day.pdf" target="_blank" rel="noreferrer">
            Day sheet on paper
          </a>
        )}
      </Box>
      {listed && (
        <>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {rows.slice(0, SHOWN).map((row) => (
              <Box
                component="li"
                key={row.tag}
                sx={(t) => ({
                  display: 'grid',
                  gridTemplateColumns: 'auto 1fr auto',
                  gap: 1.25,
                  alignItems: 'center',
                  py: 0.75,
                  borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
                })}
              >
                <TagPlate tag={row.tag} />
                <Box sx={{ minWidth: 0 }}>
                  <Box sx={{ fontWeight: 600 }}>{row.work[0] && workTitle(row.work[0], row.power)}</Box>
                  {row.rideAlongs.length > 0 && (
                    <Box sx={{ fontSize: 13, color: 'text.secondary' }}>
                      {row.rideAlongs.map((r) => taskWords[r.task]).join(', ')}: worth doing now, saves{' '}
                      {rounded(Math.max(...row.rideAlongs.map((r) => r.savedMinutes)), 0)} min
                    </Box>
                  )}
                </Box>
                <Box sx={{ ...figures, fontSize: 17 }}>{rounded(row.minutes, 0)}</Box>
              </Box>
            ))}
          </Box>
          <Box sx={{ mt: 1 }}>
            <Link to="/bench">
              {rows.length > SHOWN ? `To the bench, ${rows.length} saws` : 'To the bench'}
            </Link>
          </Box>
        </>
      )}
    </Panel>
  );
}
