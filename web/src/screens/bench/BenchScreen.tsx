import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import Button from '@mui/material/Button';
import { BenchToday } from '../board/BenchToday';
import { useWorkFilter } from '../board/workFilter';
import { useSome } from '../../parts/more';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useBoard } from '../../api/queries';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { minutes } from '../../words/format';
import { workReason, workTitle } from '../../words/work';
import { StartVisit } from './StartVisit';

const SHOWN = 15;
const MOST_NAMED = 3;

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
      {!board && !error && <Loading />}
      {board && <Filled board={board} />}
    </>
  );
}

function Filled({ board }: { board: Schemas['Board'] }) {
  const open = board.rails.filter((r) => r.kind === 'BENCH').flatMap((r) => r.plates);
  const next = board.work.filter((row) => !row.crew && !row.away && !row.visit && row.state !== 'FIT');
  const filter = useWorkFilter(next);
  const { some, more } = useSome(filter.rows, SHOWN, filter.asked);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '340px minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Panel title="On the bench">
          {open.length === 0 && <Box sx={{ color: 'text.secondary' }}>The bench is free.</Box>}
          {open.map((plate) => (
            <Line key={plate.tag} tag={plate.tag}>
              <Box>
                Step {plate.visit?.stepsDone} of {plate.visit?.steps}
              </Box>
              <Button variant="contained" component={Link} to={`/bench/${plate.visit?.visitId ?? ''}`}>
                Go on with saw {plate.tag}
              </Button>
            </Line>
          ))}
        </Panel>
        <BenchToday listed={false} />
      </Box>
      <Panel title="Next">
        {next.length === 0 && <Box sx={{ color: 'text.secondary' }}>Nothing waits for the bench.</Box>}
        {filter.fields}
        {some.map((row) => (
          <Line key={row.tag} tag={row.tag}>
            <Waits row={row} />
            {/* On a phone the key stands below what it is for, so that the words have room. */}
            <Box sx={{ gridColumn: { xs: 2, sm: 'auto' }, justifySelf: 'start' }}>
              <ForWhoMay write="/api/saws/{tag}/visits" silent>
                <StartVisit tag={row.tag} />
              </ForWhoMay>
            </Box>
          </Line>
        ))}
        {more}
      </Panel>
    </Box>
  );
}

/** What a saw is wanted on the bench for, why, and how long it takes. */
function Waits({ row }: { row: Schemas['WorkRow'] }) {
  const [first, ...rest] = row.work;
  const others = rest.filter((work) => work.state !== 'FIT');
  return (
    <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
      <StateMark state={row.state}>{first ? workTitle(first, row.power) : ''}</StateMark>
      <Box sx={{ color: 'text.secondary', fontSize: 13.5, pl: 2.75 }}>
        {[first ? workReason(first, row.power) : '', `about ${minutes(row.minutes)}`]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      {others.length > 0 && (
        <Box sx={{ fontSize: 13.5, pl: 2.75 }}>
          Also:{' '}
          {others
            .slice(0, MOST_NAMED)
            .map((work) => workTitle(work, row.power))
            .join('; ')}
          {others.length > MOST_NAMED && `; ${others.length - MOST_NAMED} more`}
        </Box>
      )}
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
