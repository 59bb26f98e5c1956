import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { StateMark } from '../../parts/StateMark';
import { originWords, stageSentence } from '../../words/faults';
import { momentOf } from '../../words/format';

/** A fault in one line: which saw, what, where it stands, what comes next. */
export function FaultRow({ fault, withTag }: { fault: Schemas['FaultLine']; withTag: boolean }) {
  const open = fault.stage !== 'CLOSED';
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: {
          xs: withTag ? 'auto minmax(0, 1fr)' : 'minmax(0, 1fr)',
          md: withTag
            ? 'minmax(52px, max-content) minmax(0, 1.1fr) minmax(0, 1fr) 150px'
            : 'minmax(0, 1.1fr) minmax(0, 1fr) 150px',
        },
        columnGap: 2,
        rowGap: 0.5,
        py: 1,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
        overflowWrap: 'anywhere',
      })}
    >
      {withTag && (
        <Box>
          <TagPlate tag={fault.tag} />
        </Box>
      )}
      <Box>
        <Link to={`/faults/${fault.id}`} style={{ fontWeight: 600 }}>
          {fault.complaint}
        </Link>
        {fault.seen && fault.seen !== fault.complaint && <Box>“{fault.seen}”</Box>}
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {momentOf(fault.at)}, {fault.by}, {originWords[fault.origin]}
        </Box>
      </Box>
      <Box sx={{ gridColumn: { xs: withTag ? 2 : 1, md: 'auto' } }}>
        {fault.cause && <Box sx={{ fontWeight: 600 }}>{fault.cause}</Box>}
        <Box sx={{ color: 'text.secondary' }}>{stageSentence(fault)}</Box>
        {fault.nextLook && (
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            Look at the card {momentOf(fault.nextLook)}
          </Box>
        )}
      </Box>
      <Box sx={{ gridColumn: { xs: withTag ? 2 : 1, md: 'auto' } }}>
        {open && (
          <StateMark state={fault.held ? 'HELD' : 'DUE'}>{fault.held ? 'Saw held' : 'Open'}</StateMark>
        )}
      </Box>
    </Box>
  );
}
