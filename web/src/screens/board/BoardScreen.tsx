import { Loading } from '../../parts/Loading';
import { FirstSteps } from './FirstSteps';
import Box from '@mui/material/Box';
import { useBoard } from '../../api/queries';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { Rail } from '../../parts/Rail';
import { BenchToday } from './BenchToday';
import { Morning } from './Morning';
import { OnCard } from './OnCard';
import { WorkWaiting } from './WorkWaiting';
import { useCommands } from '../../shell/commands';

/** Home: which saws may go out, where each hangs, what waits. */
export function BoardScreen() {
  const { data: board, error } = useBoard();
  const navigate = useNavigate();
  useCommands('complaints', { take: () => void navigate('/faults/new') });
  return (
    <>
      <title>Board – Yellow Tally</title>
      <Box
        component="h1"
        sx={{ position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' }}
      >
        Board
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!board && !error && <Loading />}
      {board && <Filled board={board} />}
    </>
  );
}

function Filled({ board }: { board: Schemas['Board'] }) {
  const plates = board.rails.flatMap((rail) => rail.plates);
  if (plates.length === 0) {
    return <FirstSteps />;
  }
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '18px 14px', pt: 2, pb: 2.5 }}>
        {board.rails.map((rail) => (
          <Rail
            key={rail.crewId ?? rail.kind}
            title={titleOf(rail)}
            note={noteOf(rail)}
            plates={rail.plates}
          />
        ))}
      </Box>
      <Marks plates={plates} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 288px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <WorkWaiting rows={board.work} />
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
          <Morning board={board} />
          <OnCard board={board} />
          <BenchToday />
        </Box>
      </Box>
    </>
  );
}

/** What the letters on the plates mean, where any hang. */
function Marks({ plates }: { plates: Schemas['Plate'][] }) {
  const said = [
    plates.some((plate) => plate.handle === 'TOP') ? 'T: top handle' : '',
    plates.some((plate) => plate.power !== 'PETROL') ? 'E: battery or cable' : '',
  ].filter(Boolean);
  if (said.length === 0) return null;
  return (
    <Box sx={{ color: 'text.secondary', fontSize: 13, mt: -1.5, mb: 1.5 }}>
      On the plates: {said.join(', ')}
    </Box>
  );
}

function titleOf(rail: Schemas['Rail']): string {
  if (rail.kind === 'RACK') return 'On the rack';
  if (rail.kind === 'BENCH') return 'On the bench';
  if (rail.kind === 'AWAY') return 'Away';
  return rail.kind === 'HELD' ? 'Held' : (rail.crew ?? 'Crew');
}

function noteOf(rail: Schemas['Rail']): string {
  if (rail.kind === 'HELD') return rail.plates.length === 0 ? 'none' : 'not to be used';
  if (rail.kind === 'BENCH') return rail.plates.length === 0 ? 'free' : '';
  if (rail.kind === 'AWAY') {
    const places = new Set(rail.plates.map((plate) => plate.away));
    return places.size === 1 ? (rail.plates[0]?.away ?? '') : `${rail.plates.length} plates`;
  }
  if (rail.kind === 'CREW') return rail.plates.length === 0 ? 'nothing out' : `${rail.plates.length} out`;
  return rail.plates.length === 1 ? '1 plate' : `${rail.plates.length} plates`;
}
