import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useBoard } from '../../api/queries';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { StateMark } from '../../parts/StateMark';
import { words } from '../../words/en';
import { minutes } from '../../words/format';
import { workTitle } from '../../words/work';
import { StartVisit } from './StartVisit';

/** What lies on the bench, and what should be next. */
export default function BenchScreen() {
  const { data: board, error } = useBoard();
  return (
    <>
      <title>Bench – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Bench
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!board && !error && <Quiet>{words.loading}</Quiet>}
      {board && <Filled board={board} />}
    </>
  );
}

function Filled({ board }: { board: Schemas['Board'] }) {
  const open = board.rails.filter((r) => r.kind === 'BENCH').flatMap((r) => r.plates);
  const next = board.work.filter((row) => !row.crew && !row.visit && row.state !== 'FIT');
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 900 }}>
      <Panel title="On the bench">
        {open.length === 0 && <Box sx={{ color: 'text.secondary' }}>The bench is free.</Box>}
        {open.map((plate) => (
          <Line key={plate.tag} tag={plate.tag}>
            <Box>
              Step {plate.visit?.stepsDone} of {plate.visit?.steps}
            </Box>
            <Link to={`/bench/${plate.visit?.visitId ?? ''}`}>Go on with saw {plate.tag}</Link>
          </Line>
        ))}
      </Panel>
      <Panel title="Next">
        {next.length === 0 && <Box sx={{ color: 'text.secondary' }}>Nothing waits for the bench.</Box>}
        {next.map((row) => (
          <Line key={row.tag} tag={row.tag}>
            <Box sx={{ minWidth: 0 }}>
              <StateMark state={row.state}>{row.work[0] ? workTitle(row.work[0], row.power) : ''}</StateMark>
              <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>about {minutes(row.minutes)}</Box>
            </Box>
            <StartVisit tag={row.tag} />
          </Line>
        ))}
      </Panel>
    </Box>
  );
}

function Line({ tag, children }: { tag: string; children: React.ReactNode }) {
  return (
    <Box
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: 'auto minmax(0, 1fr) auto',
        gap: 1.5,
        alignItems: 'center',
        py: 1,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
        '&:last-child': { borderBottom: 0 },
      })}
    >
      <TagPlate tag={tag} />
      {children}
    </Box>
  );
}
