import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { minutes } from '../../words/format';

/** The first question of the day: which saws may go out, which need the bench first, which must not. */
export function Morning({ board }: { board: Schemas['Board'] }) {
  const inHouse = board.rails.filter((rail) => rail.kind !== 'CREW').flatMap((rail) => rail.plates);
  const with_ = (state: Schemas['FitState']) =>
    inHouse.filter((plate) => plate.state === state).map((p) => p.tag);
  const fit = with_('FIT');
  const due = with_('DUE');
  const held = with_('HELD');
  const bench = board.work
    .filter((row) => row.state === 'DUE' && !row.crew)
    .reduce((sum, row) => sum + row.minutes, 0);
  return (
    <Box
      component="section"
      aria-labelledby="morning"
      sx={(t) => ({
        background: t.vars.palette.background.paper,
        border: `1px solid ${t.vars.palette.house.hairline}`,
        borderRadius: '8px',
        p: 2,
      })}
    >
      <Box component="h2" id="morning" sx={{ typography: 'h2', m: 0 }}>
        Today
      </Box>
      <Group title="May go out" tags={fit} empty="None of those in the house." />
      <Group
        title="Bench first"
        tags={due}
        empty="None."
        note={due.length > 0 ? `about ${minutes(bench)} of tension work` : undefined}
      />
      <Group title="Must not go out" tags={held} empty="None." />
    </Box>
  );
}

function Group({
  title,
  tags,
  empty,
  note,
}: {
  title: string;
  tags: string[];
  empty: string;
  note?: ReactNode;
}) {
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', mb: 0.75 }}>
        <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
          {title}
        </Box>
        <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{note}</Box>
      </Box>
      {tags.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{empty}</Box>
      ) : (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
          {tags.map((tag) => (
            <TagPlate key={tag} tag={tag} />
          ))}
        </Box>
      )}
    </Box>
  );
}
