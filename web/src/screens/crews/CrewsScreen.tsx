import Box from '@mui/material/Box';
import { useBoard, useCrews, useOpenOutings } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { words } from '../../words/en';
import { BackForm } from './BackForm';
import { OutForm } from './OutForm';
import { OutNow } from './OutNow';

/** Saws go out with a crew and come back: one or several at once. */
export default function CrewsScreen() {
  const board = useBoard();
  const crews = useCrews();
  const out = useOpenOutings();
  const error = board.error ?? crews.error ?? out.error;
  return (
    <>
      <title>Out and back – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Out and back
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!(board.data && crews.data && out.data) && !error && <Quiet>{words.loading}</Quiet>}
      {board.data && crews.data && out.data && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 360px' },
            gap: 2.5,
            alignItems: 'start',
          }}
        >
          <BackForm board={board.data} out={out.data} />
          <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
            <OutForm board={board.data} crews={crews.data} />
            <OutNow board={board.data} crews={crews.data} out={out.data} />
          </Box>
        </Box>
      )}
    </>
  );
}
