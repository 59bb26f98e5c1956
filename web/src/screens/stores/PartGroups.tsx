import { PartTags } from '../../parts/PartTag';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useParts } from '../../api/queries';
import { dayAhead, dayOf } from '../../words/format';
import { partsWord, partWord } from '../../words/stores';
import { wearWords } from '../../words/wear';

/** Parts that can take each other's place: on the shelf, condemned, fitted, wearing out; the retired ones below. */
export function PartGroups({ groups }: { groups: Schemas['PartGroup'][] }) {
  return (
    <>
      <Box component="ul" aria-label="Parts" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {groups.map((group) => (
          <Box
            component="li"
            key={`${group.kind} ${group.spec}`}
            sx={(t) => ({
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
              py: 1,
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '270px minmax(0, 1fr) minmax(0, 1.2fr)' },
              columnGap: 2,
              rowGap: 0.5,
            })}
          >
            <Box>
              <Box sx={{ fontWeight: 600 }}>
                {partWord(group.kind)} {group.spec}
              </Box>
              <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
                {group.fits.length > 0 ? `on saw ${group.fits.join(', ')}` : 'on no saw'}
              </Box>
            </Box>
            <Box>
              {group.shelf.length === 0 ? 'None on the shelf' : 'On the shelf: '}
              <PartTags tags={group.shelf} />
              {group.condemned.length > 0 && (
                <Box sx={{ color: 'error.main' }}>
                  Condemned: <PartTags tags={group.condemned} marked={false} />
                </Box>
              )}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
              {group.reserved.length > 0 && (
                <Box>Waiting work on saw {group.reserved.join(', ')} takes one.</Box>
              )}
              {group.wearing.map((w) => (
                <Box key={w.part}>
                  <Link to={`/parts/${w.part}`}>{w.part}</Link> on saw {w.saw}:{' '}
                  {wearWords[w.kind].toLowerCase()}, worn out about {dayAhead(w.date.likely)} (est.)
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
      <Retired />
    </>
  );
}

function Retired() {
  const { data } = useParts();
  const kinds = [
    ['CHAIN', data?.chains ?? []],
    ['BAR', data?.bars ?? []],
    ['SPROCKET', data?.sprockets ?? []],
  ] as const;
  return kinds.map(([kind, parts]) => {
    const retired = parts.filter((p) => p.retiredAt !== undefined);
    return retired.length === 0 ? null : (
      <Box key={kind} sx={{ mt: 1.5, fontSize: 14 }}>
        {partsWord(kind)} retired:{' '}
        {retired.map((p, i) => (
          <span key={p.tag}>
            {i > 0 && ', '}
            <Link to={`/parts/${p.tag}`}>{p.tag}</Link> {dayOf(p.retiredAt ?? '')}
          </span>
        ))}
      </Box>
    );
  });
}
