import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePlan, usePreviewed } from '../../api/queries';
import { Heading } from '../../parts/Heading';
import { Loading } from '../../parts/Loading';
import { ProblemNote } from '../../parts/ProblemNote';
import { useCommands } from '../../shell/commands';
import { minutes } from '../../words/format';
import { Beside } from './Beside';
import { Bookings } from './Bookings';
import type { Change } from './change';
import { changes, NOTHING, withWish } from './change';
import { DayRail } from './DayRail';
import { plateId } from './plateId';
import { Taken } from './Taken';
import { WhatIf } from './WhatIf';

/** The plan of the days: what the bench does when, for whom, and what could be otherwise. */
export default function PlanScreen() {
  const { data: page, error } = usePlan();
  return (
    <>
      <title>Plan – Yellow Tally</title>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!page && !error && <Loading />}
      {page && <Filled page={page} />}
    </>
  );
}

function Filled({ page }: { page: Schemas['PlanPage'] }) {
  const [change, setChange] = useState<Change>(NOTHING);
  const trying = changes(change);
  const { answer, current, error } = usePreviewed('/api/plan/what-if', {}, change, trying);
  const shown = trying && answer && !error ? answer.after : page;
  const focusOn = useFocusOnVisit(shown);
  const move = (tag: string, day: string) => {
    focusOn(tag, day);
    setChange(withWish(change, { tag, kind: 'ON_DAY', day }));
  };
  useCommands('plan', trying ? { drop: () => setChange(NOTHING) } : {});
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5, mt: 2, mb: 1.5 }}>
        <Heading level={1} why={10}>
          Plan
        </Heading>
        <Box sx={{ color: 'text.secondary' }}>
          {page.days.length} days, {minutes(shown.minutes)} at the bench (est.)
          {trying && ', as it would be'}
        </Box>
        <Link to="/reminders">Reminders</Link>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 300px' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
          <Bookings page={shown} change={change} onChange={setChange} />
          <Box>
            {shown.days.map((day, i) => (
              <DayRail
                key={day.day}
                day={day}
                page={shown}
                before={shown.days[i - 1]?.day}
                after={shown.days[i + 1]?.day}
                today={i === 0}
                onMove={move}
                onWish={(wish) => setChange(withWish(change, wish))}
              />
            ))}
          </Box>
          <Taken />
        </Box>
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: 'minmax(0, 1fr)',
            // What a move breaks is seen beside the plate that moves.
            position: { md: 'sticky' },
            top: 12,
            maxHeight: { md: 'calc(100vh - 24px)' },
            overflowY: { md: 'auto' },
          }}
        >
          <WhatIf
            page={page}
            change={change}
            answer={trying ? answer : undefined}
            current={current}
            error={trying ? error : null}
            onChange={setChange}
          />
          <Beside page={shown} onWish={(wish) => setChange(withWish(change, wish))} />
        </Box>
      </Box>
    </>
  );
}

/** A visit that was moved keeps the focus, wherever it hangs now. */
function useFocusOnVisit(shown: Schemas['PlanPage']): (tag: string, day: string) => void {
  const wanted = useRef<string | undefined>(undefined);
  useEffect(() => {
    const plate = wanted.current === undefined ? null : document.getElementById(wanted.current);
    if (plate === null) return;
    plate.focus();
    wanted.current = undefined;
  }, [shown]);
  return (tag, day) => {
    wanted.current = plateId(tag, day);
  };
}
