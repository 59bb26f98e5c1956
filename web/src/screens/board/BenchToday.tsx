import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePlan } from '../../api/queries';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { TallyStrip } from '../../parts/TallyStrip';
import { minutes } from '../../words/format';
import { bookingWords, dayMinutes, leavesAt, visitReason, visitTitle } from '../../words/planned';
import { StartVisit } from '../bench/StartVisit';

const SHOWN = 6;
const BOOKED = 3;
/** Strokes drawn for the day at most. */
const STROKES = 15;

/** Today's part of the plan: the visits in their order against the minutes there are, and what the crews need next. */
export function BenchToday({ listed = true }: { listed?: boolean }) {
  const { data: page } = usePlan();
  const today = page?.days[0];
  if (page === undefined || today === undefined) return null;
  return (
    <Panel title="Bench today">
      {(today.minutes > 0 || today.planned > 0) && (
        <TallyStrip used={today.planned} limit={today.minutes} most={STROKES} text={dayMinutes(today)} />
      )}
      <Box>{dayMinutes(today)} (est.)</Box>
      {listed && <Visits page={page} today={today} />}
      <Booked page={page} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, mt: 1 }}>
        <Link to="/plan">The plan</Link>
        <Link to="/reminders">Reminders</Link>
        {today.visits.length > 0 && (
          <a href="/api/paper/day.pdf" target="_blank" rel="noreferrer">
            Day sheet on paper
          </a>
        )}
      </Box>
    </Panel>
  );
}

function Visits({ page, today }: { page: Schemas['PlanPage']; today: Schemas['PlanDay'] }) {
  const more = today.visits.length - SHOWN;
  const next = today.visits.find((visit) => visit.reason !== 'ON_BENCH');
  return (
    <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {today.visits.slice(0, SHOWN).map((visit) => (
        <Box
          component="li"
          key={visit.tag}
          sx={(t) => ({
            display: 'grid',
            gridTemplateColumns: 'auto minmax(0, 1fr)',
            columnGap: 1.25,
            rowGap: 0.5,
            py: 0.75,
            borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
            overflowWrap: 'anywhere',
          })}
        >
          <TagPlate tag={visit.tag} />
          <Box>
            <Box sx={{ fontWeight: 600, lineHeight: 1.3 }}>{visitTitle(visit, page.saws[visit.tag])}</Box>
            <Box sx={{ fontSize: 13, color: 'text.secondary' }}>
              {minutes(visit.minutes)}, {visitReason(visit, page)}
            </Box>
          </Box>
          {visit === next && (
            <Box sx={{ gridColumn: 2 }}>
              <ForWhoMay write="/api/saws/{tag}/visits" silent>
                <StartVisit tag={visit.tag} />
              </ForWhoMay>
            </Box>
          )}
        </Box>
      ))}
      {more > 0 && (
        <Box component="li" sx={{ pt: 0.75 }}>
          and {more} more
        </Box>
      )}
    </Box>
  );
}

/** What the crews need next, and what is short. */
function Booked({ page }: { page: Schemas['PlanPage'] }) {
  return page.bookings.slice(0, BOOKED).map((booking) => (
    <Box key={booking.id} sx={{ mt: 0.75, fontSize: 14, overflowWrap: 'anywhere' }}>
      {leavesAt(booking)} {booking.crew}:{' '}
      <Box
        component="span"
        sx={(t) => (booking.missing > 0 ? { color: t.vars.palette.house.rust, fontWeight: 600 } : {})}
      >
        {bookingWords(booking)}
      </Box>
    </Box>
  ));
}
