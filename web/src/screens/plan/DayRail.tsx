import Box from '@mui/material/Box';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { TallyStrip } from '../../parts/TallyStrip';
import { dayMinutes, dayTitle } from '../../words/planned';
import { PlannedPlate } from './PlannedPlate';

/** Strokes drawn for a day at most. */
const STROKES = 15;

interface Props {
  day: Schemas['PlanDay'];
  page: Schemas['PlanPage'];
  before: string | undefined;
  after: string | undefined;
  today: boolean;
  onMove: (tag: string, day: string) => void;
  onWish: (wish: Schemas['WishInput']) => void;
}

/** A day as a rail: its minutes in tally strokes, the plates to be served hang on it in their order. */
export function DayRail({ day, page, before, after, today, onMove, onWish }: Props) {
  const [over, setOver] = useState(false);
  const title = dayTitle(day.day);
  return (
    <Box
      component="section"
      aria-label={`${title}, ${dayMinutes(day)}`}
      onDragOver={(e: React.DragEvent) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e: React.DragEvent) => {
        e.preventDefault();
        setOver(false);
        const tag = e.dataTransfer.getData('text/plain');
        if (tag) onMove(tag, day.day);
      }}
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '132px minmax(0, 1fr)' },
        columnGap: 2,
        rowGap: 1,
        py: 1.5,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
        ...(over && { background: t.vars.palette.background.paper }),
      })}
    >
      <Box>
        <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
          {title}
        </Box>
        {(day.minutes > 0 || day.planned > 0) && (
          <TallyStrip used={day.planned} limit={day.minutes} most={STROKES} text={dayMinutes(day)} />
        )}
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{dayMinutes(day)}</Box>
        {day.visits.length > 0 && (
          <Link to={`/lay-out?day=${day.day}`} aria-label={`Lay out for ${title}`} style={{ fontSize: 13.5 }}>
            Lay out
          </Link>
        )}
        {day.note && <Box sx={{ fontSize: 13, overflowWrap: 'anywhere' }}>{day.note}</Box>}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={(t) => ({ height: 7, borderRadius: 1, background: t.vars.palette.house.steel })} />
        <Box
          component="ul"
          sx={{
            m: 0,
            p: 0,
            pt: '9px',
            display: 'grid',
            gap: '10px 14px',
            gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 238px), 1fr))',
          }}
        >
          {day.visits.map((visit) => (
            <PlannedPlate
              key={visit.tag}
              visit={visit}
              page={page}
              date={day.day}
              day={title}
              before={before}
              after={after}
              today={today}
              onMove={onMove}
              onWish={onWish}
            />
          ))}
        </Box>
      </Box>
    </Box>
  );
}
