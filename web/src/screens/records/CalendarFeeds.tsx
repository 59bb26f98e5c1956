import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useCalendarFeeds, useWrite } from '../../api/queries';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { ProblemNote } from '../../parts/ProblemNote';
import { momentOf } from '../../words/format';

/** The schedule in a calendar program: as a file, or under an address that it reads by itself. */
export function CalendarFeeds() {
  return (
    <>
      <Box sx={{ mb: 1.5, maxWidth: 560 }}>
        What is due today and what is expected in the next 90 days (est.), a line for each saw and day. Tasks
        that come with every outing stand in it only when they are due. The plan has a file of its own: each
        day at the bench, what goes into the oil in the evening, and when crews leave.
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" href="/api/calendar.ics" download>
          Calendar file
        </Button>
        <Button variant="outlined" href="/api/plan.ics" download>
          The plan as a file
        </Button>
      </Box>
      <ForWhoMay write="/api/calendar-feeds" silent>
        <Addresses />
      </ForWhoMay>
    </>
  );
}

function Addresses() {
  const { data: feeds = [] } = useCalendarFeeds();
  const [path, setPath] = useState<Schemas['FeedMade']>();
  const make = useWrite('/api/calendar-feeds', {});
  return (
    <Box sx={{ mt: 2 }}>
      <Box sx={{ mb: 1, maxWidth: 560 }}>
        A calendar program can also read it by itself, always as it is. Whoever has such an address reads
        schedule and plan without signing in, and nothing else. It is shown once; end it when it got into the
        wrong hands.
      </Box>
      <Button
        variant="outlined"
        disabled={make.isPending}
        onClick={() => make.mutate({ id: newId() }, { onSuccess: setPath })}
      >
        Make an address
      </Button>
      <ProblemNote sentences={make.error ? [make.error.message] : []} />
      {path && (
        <Box role="status" sx={{ mt: 1 }}>
          Put this into the calendar program now:{' '}
          <Box component="code" sx={{ overflowWrap: 'anywhere' }}>
            {window.location.origin + path.path}
          </Box>
          , and this for the plan:{' '}
          <Box component="code" sx={{ overflowWrap: 'anywhere' }}>
            {window.location.origin + path.planPath}
          </Box>
        </Box>
      )}
      <Box component="ul" aria-label="Calendar addresses" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1 }}>
        {feeds.map((feed) => (
          <Feed
            key={feed.id}
            id={feed.id}
            said={`Made ${momentOf(feed.at)} by ${feed.by}${feed.id === path?.id ? ' (this one)' : ''}`}
          />
        ))}
      </Box>
    </Box>
  );
}

function Feed({ id, said }: { id: string; said: string }) {
  const end = useWrite('/api/calendar-feeds/{feedId}/end', { path: { feedId: id } });
  return (
    <Box component="li" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5 }}>
      {said}
      <Button variant="text" disabled={end.isPending} onClick={() => end.mutate({ id: newId() })}>
        End it
      </Button>
      <ProblemNote sentences={end.error ? [end.error.message] : []} />
    </Box>
  );
}
