import { COMMANDS } from '../../shell/commands';
import { Key } from '../../parts/Key';
import { Link } from 'react-router';
import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';

/** A large fleet names its first; all of them hang on their rails. */
const NAMED = 18;

/** The first question of the day: which saws may go out, which need the bench first, which must not. */
export function Morning({ board }: { board: Schemas['Board'] }) {
  const inHouse = board.rails
    .filter((rail) => rail.kind !== 'CREW' && rail.kind !== 'BENCH' && rail.kind !== 'AWAY')
    .flatMap((rail) => rail.plates);
  const with_ = (state: Schemas['FitState']) =>
    inHouse.filter((plate) => plate.state === state).map((p) => p.tag);
  return (
    <Panel title="Today">
      <Group title="May go out" tags={with_('FIT')} empty="None on the rack." />
      <Group title="Bench first" tags={with_('DUE')} empty="None." />
      <Group title="Must not go out" tags={with_('HELD')} empty="None." />
      <Box sx={{ mt: 1.5 }}>
        <Link to="/crews">Issue saws</Link>
        <Key of={COMMANDS.anywhere.keys.crews} />
      </Box>
    </Panel>
  );
}

function Group({ title, tags, empty }: { title: string; tags: string[]; empty: string }) {
  return (
    <Box sx={{ mt: 1 }}>
      <Box component="h3" sx={{ fontSize: 14, fontWeight: 600, m: 0, mb: 0.5 }}>
        {title}
      </Box>
      {tags.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{empty}</Box>
      ) : (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
          {tags.slice(0, NAMED).map((tag) => (
            <TagPlate key={tag} tag={tag} />
          ))}
          {tags.length > NAMED && <Box sx={{ lineHeight: '28px' }}>and {tags.length - NAMED} more</Box>}
        </Box>
      )}
    </Box>
  );
}
