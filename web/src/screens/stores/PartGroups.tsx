import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useParts } from '../../api/queries';
import { dayOf } from '../../words/format';
import { partsWord } from '../../words/partWord';
import { PartLine } from './PartLine';
import { PartsAway } from './PartsAway';

/** All sorts of parts; the retired ones below. */
export function PartGroups({ stores }: { stores: Schemas['StoresPage'] }) {
  return (
    <>
      <PartsAway />
      <Box component="ul" aria-label="Parts" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {stores.parts.map((group) => (
          <PartLine key={`${group.kind} ${group.spec}`} group={group} nextTags={stores.nextTags} />
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
