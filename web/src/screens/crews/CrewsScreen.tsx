import { Loading } from '../../parts/Loading';
import { Link, useSearchParams } from 'react-router';
import Box from '@mui/material/Box';
import { useBoard, useCrews, useOpenOutings } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { BackForm } from './BackForm';
import { OutForm } from './OutForm';
import { OutNow } from './OutNow';

/** Saws go out with a crew and come back: one or several at once. */
export default function CrewsScreen() {
  const board = useBoard();
  const crews = useCrews();
  const out = useOpenOutings();
  const [search] = useSearchParams();
  const comeBack = search.has('in');
  const error = board.error ?? crews.error ?? out.error;
  return (
    <>
      <title>Out and back – Yellow Tally</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5, my: 2 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          Out and back
        </Box>
        <Link to="/packs">Day packs</Link>
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!(board.data && crews.data && out.data) && !error && <Loading />}
      {board.data && crews.data && out.data && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: '400px minmax(0, 1fr)' },
            gap: 2.5,
            alignItems: 'start',
          }}
        >
          <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
            <OutForm board={board.data} crews={crews.data.filter((crew) => !crew.leftOn)} first={!comeBack} />
            <OutNow board={board.data} crews={crews.data} out={out.data} />
          </Box>
          <BackForm board={board.data} out={out.data} first={comeBack} />
        </Box>
      )}
    </>
  );
}
