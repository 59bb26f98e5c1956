import Box from '@mui/material/Box';
import { usePeopleChanges } from '../../api/queries';
import { FEW, useSome } from '../../parts/more';
import { Panel } from '../../parts/Panel';
import { changedBy, changeWords } from '../../words/people';

/** What changed about people, crews and devices, the newest first. */
export function Changes() {
  const { data: changes = [] } = usePeopleChanges();
  const { some, more } = useSome(changes, FEW);
  if (changes.length === 0) return null;
  return (
    <Panel title="What changed">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {some.map((change) => (
          <Box
            component="li"
            key={change.id}
            sx={(t) => ({
              display: 'flex',
              flexWrap: 'wrap',
              columnGap: 2,
              justifyContent: 'space-between',
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
              py: 0.75,
            })}
          >
            <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>{changeWords(change)}</Box>
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{changedBy(change)}</Box>
          </Box>
        ))}
      </Box>
      {more}
    </Panel>
  );
}
