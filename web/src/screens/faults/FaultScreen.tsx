import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useFault } from '../../api/queries';
import { TagPlate } from '../../parts/Plate';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { Heading } from '../../parts/Heading';
import { words } from '../../words/en';
import { originWords, stageSentence } from '../../words/faults';
import { momentOf } from '../../words/format';
import { Photos } from '../photos/Photos';
import { EndFault } from './EndFault';
import { Finder } from './Finder';
import { Happened } from './Happened';
import { Ranking } from './Ranking';
import { Repair } from './Repair';
import { Sort } from './Sort';

/** One fault: the finder as a talk between hand and drawing, then its repair, its proof and its end. */
export default function FaultScreen() {
  const { id = '' } = useParams();
  const { data: fault, error } = useFault(id);
  if (!fault) {
    return error ? (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/faults">To the faults</Link>
      </>
    ) : (
      <Loading />
    );
  }
  return (
    <>
      <title>{`${fault.complaint.title}, saw ${fault.tag} – Yellow Tally`}</title>
      <Head fault={fault} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 400px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2.5, minWidth: 0, gridTemplateColumns: 'minmax(0, 1fr)' }}>
          <Act fault={fault} />
          <ForWhoMay write="/api/faults/{id}/end" silent>
            <EndFault fault={fault} />
          </ForWhoMay>
          <Panel title="Photos">
            <Photos about="FAULT" aboutId={fault.id} of={fault.complaint.title} />
          </Panel>
        </Box>
        <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
          {fault.ranking.length > 0 && <Ranking fault={fault} />}
          <Happened fault={fault} />
        </Box>
      </Box>
    </>
  );
}

/** What to do about it now. */
function Act({ fault }: { fault: Schemas['FaultPage'] }) {
  switch (fault.stage) {
    case 'SORT':
      return <Sort fault={fault} />;
    case 'FIND':
      return <Finder fault={fault} />;
    default:
      return <Repair fault={fault} />;
  }
}

function Head({ fault }: { fault: Schemas['FaultPage'] }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2, py: 1.5 }}>
      <TagPlate tag={fault.tag} size="large" />
      <Box sx={{ flex: '1 1 240px', minWidth: 0, overflowWrap: 'anywhere' }}>
        <Heading level={1} why={12}>
          {fault.complaint.title}
        </Heading>
        <Box sx={{ color: 'text.secondary' }}>
          {fault.seen && fault.seen !== fault.complaint.title && `“${fault.seen}” `}
          {momentOf(fault.at)}, {fault.by}, {originWords[fault.origin]}
        </Box>
      </Box>
      <Box sx={{ textAlign: 'right' }}>
        <StateMark state={fault.state}>{words.state[fault.state]}</StateMark>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {fault.stage === 'FIND' || fault.stage === 'SORT'
            ? ''
            : stageSentence({ stage: fault.stage, steps: fault.unproved })}
        </Box>
      </Box>
    </Box>
  );
}
