import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePacks } from '../../api/packs';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { TagPlate } from '../../parts/Plate';
import { packStands } from '../../words/pack';
import { away, givenWords, wantedWords, wayWords } from '../../words/plan';
import { bookingWords, leavesAt } from '../../words/planned';
import { BookingForm } from './BookingForm';
import type { Change } from './change';
import { withBooking, withMinutes, withoutBooking } from './change';

interface Props {
  page: Schemas['PlanPage'];
  change: Change;
  onChange: (change: Change) => void;
}

/** What the crews want, what meets it, and what would where something is missing. */
export function Bookings({ page, change, onChange }: Props) {
  const [adding, setAdding] = useState(false);
  const { data: packs = [] } = usePacks();
  return (
    <Box component="section" aria-label="Crew bookings">
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 205px), 1fr))',
        }}
      >
        {[...page.bookings, ...page.later].map((booking) => (
          <Booking
            key={booking.id}
            booking={booking}
            pack={packs.find((one) => one.booking === booking.id)}
            page={page}
            tried={change.bookings.some((one) => one.id === booking.id)}
            onChange={onChange}
            change={change}
          />
        ))}
      </Box>
      {page.bookings.length + page.later.length === 0 && (
        <Box sx={{ color: 'text.secondary', mb: 1 }}>No crew has booked saws.</Box>
      )}
      <ForWhoMay write="/api/plan/changes" silent>
        {adding ? (
          <Box sx={{ mt: 1.5 }}>
            <BookingForm
              onTry={(booking) => {
                onChange(withBooking(change, booking));
                setAdding(false);
              }}
              onClose={() => setAdding(false)}
            />
          </Box>
        ) : (
          <Button variant="outlined" sx={{ mt: 1.5 }} onClick={() => setAdding(true)}>
            Add a booking
          </Button>
        )}
      </ForWhoMay>
    </Box>
  );
}

function Booking({
  booking,
  pack,
  page,
  tried,
  change,
  onChange,
}: Props & {
  booking: Schemas['PlanBooking'];
  pack: Schemas['PackInShort'] | undefined;
  tried: boolean;
}) {
  const short = booking.missing > 0;
  const later = page.later.includes(booking);
  return (
    <Box
      component="article"
      aria-label={`${leavesAt(booking)} ${booking.crew}`}
      sx={(t) => ({
        background: t.vars.palette.background.paper,
        border: `1px ${tried ? 'dashed' : 'solid'} ${t.vars.palette.house.hairline}`,
        borderLeft: short ? `5px solid ${t.vars.palette.house.rust}` : undefined,
        borderRadius: '8px',
        p: 1.5,
        minWidth: 0,
        overflowWrap: 'anywhere',
      })}
    >
      <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
        {leavesAt(booking)} {booking.crew}{' '}
        <Box component="span" sx={{ fontSize: 14, color: 'text.secondary', fontFamily: 'inherit' }}>
          {away(booking)}
          {tried && ', only tried'}
        </Box>
      </Box>
      <Box>{wantedWords(booking.wanted)}</Box>
      {booking.note && <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{booking.note}</Box>}
      {later ? (
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>After the days of this plan.</Box>
      ) : (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, my: 0.75 }}>
            {booking.saws.map((saw) => (
              <TagPlate key={saw.tag} tag={saw.tag} />
            ))}
            <Box
              component="span"
              sx={(t) => ({
                alignSelf: 'center',
                ...(short && { color: t.vars.palette.house.rust, fontWeight: 600 }),
              })}
            >
              {bookingWords(booking)}
            </Box>
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            {booking.saws
              .filter((saw) => saw.readyOn !== undefined)
              .map(givenWords)
              .join(' · ')}
          </Box>
          {booking.waysOut.length > 0 && (
            <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.25, fontSize: 14 }}>
              {booking.waysOut.map((way) => (
                <li key={`${way.kind} ${way.tag}`}>
                  {wayWords(way)} <TryWay way={way} page={page} change={change} onChange={onChange} />
                </li>
              ))}
            </Box>
          )}
        </>
      )}
      {pack && pack.lines > 0 && !tried && (
        <Box sx={{ fontSize: 14, mt: 0.5 }}>
          <Link to={`/packs/${booking.id}`} aria-label={`Day pack of ${booking.crew}`}>
            Day pack
          </Link>
          : {packStands(pack)}
        </Box>
      )}
      <ForWhoMay write="/api/plan/changes" silent>
        <Button
          size="small"
          variant="text"
          sx={{ px: 0 }}
          onClick={() => onChange(withoutBooking(change, booking.id))}
        >
          {tried ? 'Do not add it' : 'Call it off'}
        </Button>
      </ForWhoMay>
    </Box>
  );
}

/** Minutes can be tried at once; the other ways are for people to go. */
function TryWay({ way, page, change, onChange }: Props & { way: Schemas['WayOut'] }) {
  if (way.kind !== 'WORK_LONGER' || way.dayMinutes === undefined || way.day === undefined) return null;
  const said = { day: way.day, minutes: way.dayMinutes, ...noteOf(page, way.day) };
  return (
    <Button size="small" variant="outlined" onClick={() => onChange(withMinutes(change, said))}>
      Try it
    </Button>
  );
}

function noteOf(page: Schemas['PlanPage'], day: string) {
  const note = page.days.find((one) => one.day === day)?.note;
  return note === undefined ? {} : { note };
}
