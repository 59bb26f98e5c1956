import { Loading } from '../../parts/Loading';
import { useSome } from '../../parts/more';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useFaults } from '../../api/queries';
import { Key } from '../../parts/Key';
import { ProblemNote } from '../../parts/ProblemNote';
import { repeatSentence } from '../../words/faults';
import { FaultRow } from './FaultRow';
import { HeldSaws } from './HeldSaws';
import { COMMANDS, useCommands } from '../../shell/commands';

/** Faults of the fleet: what is open, what comes again, what was closed. */
export default function FaultsScreen() {
  const { data, error } = useFaults();
  const navigate = useNavigate();
  useCommands('complaints', { take: () => void navigate('/faults/new') });
  return (
    <>
      <title>Faults – Yellow Tally</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, py: 2 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0, flexGrow: 1 }}>
          Faults
        </Box>
        <Button variant="contained" component={Link} to="/faults/new">
          Report a complaint
          <Key of={COMMANDS.complaints.keys.take} />
        </Button>
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!data && !error && <Loading />}
      {data && <Filled page={data} />}
    </>
  );
}

function Filled({ page }: { page: Schemas['FaultsPage'] }) {
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      {page.knowledgeProblems.length > 0 && (
        <ProblemNote
          sentences={[
            'Your own files of causes and checks are not used until this is put right:',
            ...page.knowledgeProblems,
          ]}
        />
      )}
      <Box component="section" aria-label="Open faults">
        <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
          Open
        </Box>
        {page.open.length === 0 && <Box>No fault is open.</Box>}
        <List faults={page.open} />
      </Box>
      <HeldSaws />
      {page.repeats.length > 0 && (
        <Box component="section" aria-label="Recurring">
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
            Recurring
          </Box>
          {page.repeats.map((repeat) => (
            <Box key={`${repeat.where} ${repeat.cause}`} sx={{ py: 0.5 }}>
              {repeatSentence(repeat)}
            </Box>
          ))}
        </Box>
      )}
      {page.closed.length > 0 && (
        <Box component="section" aria-label="Closed faults">
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
            Closed
          </Box>
          <List faults={page.closed} first={5} />
        </Box>
      )}
    </Box>
  );
}

function List({ faults, first = 15 }: { faults: Schemas['FaultLine'][]; first?: number }) {
  const { some, more } = useSome(faults, first);
  return (
    <>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {some.map((fault) => (
          <FaultRow key={fault.id} fault={fault} withTag />
        ))}
      </Box>
      {more}
    </>
  );
}
