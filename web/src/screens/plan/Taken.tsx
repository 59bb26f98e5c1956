import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useMinutes } from '../../api/queries';
import { Heading } from '../../parts/Heading';
import { useSome } from '../../parts/more';
import { PlateLine } from '../../parts/PlateLine';
import { ProblemNote } from '../../parts/ProblemNote';
import { TableRow } from '../../parts/TableRow';
import {
  countsWords,
  estimatedShort,
  timesWords,
  tookRange,
  tookShort,
  tookWords,
  workName,
} from '../../words/taken';

const FIRST = 6;

/** Minutes estimated and taken: of today's visits, and of each kind of work, with what the estimates learned from that. */
export function Taken() {
  const { data: page, error } = useMinutes();
  return (
    <Box component="section" aria-label="Estimated and taken" sx={{ mt: 1 }}>
      <Heading level={2} why={10}>
        Estimated and taken
      </Heading>
      <ProblemNote sentences={error ? [error.message] : []} />
      {page && (
        <>
          <Box sx={{ mt: 0.5, mb: 1 }}>
            {page.today.length === 0 ? 'No visit yet today.' : `Today: ${tookWords(page.sum)}`}
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: '6px 14px',
              gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 238px), 1fr))',
            }}
          >
            {page.today.map((visit) => (
              <Visit key={visit.id} visit={visit} />
            ))}
          </Box>
          {page.work.length === 0 ? (
            <Box sx={{ color: 'text.secondary', mt: 1 }}>
              Nothing tells yet what work takes: the estimates count as they are set.
            </Box>
          ) : (
            <WorkTable page={page} />
          )}
        </>
      )}
    </Box>
  );
}

function Visit({ visit }: { visit: Schemas['VisitMinutes'] }) {
  return (
    <PlateLine tag={visit.tag}>
      <Link to={`/bench/${visit.id}`} aria-label={`Visit of saw ${visit.tag}: ${tookWords(visit.took)}`}>
        {tookShort(visit.took)}
      </Link>
      <Box sx={{ color: 'text.secondary', lineHeight: 1.35 }}>
        {estimatedShort(visit.took)}
        {!visit.ended && ', still on the bench'}
      </Box>
    </PlateLine>
  );
}

function WorkTable({ page }: { page: Schemas['MinutesPage'] }) {
  const { some, more } = useSome(page.work, FIRST);
  return (
    <>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 1.5, maxWidth: 640 }}>
        From the newest {page.visits} visits that tell. An estimate follows what the work takes; where people
        set it anew, that counts.
      </Box>
      <Box
        component="table"
        sx={{ width: '100%', maxWidth: 680, borderCollapse: 'collapse', textAlign: 'left', fontSize: 14.5 }}
      >
        <Box component="thead" sx={{ color: 'text.secondary', fontSize: 13 }}>
          <TableRow>
            <th>Work</th>
            <th>Counts</th>
            <th>Took in eight of ten (est.)</th>
            <th>Done</th>
          </TableRow>
        </Box>
        <tbody>
          {some.map((work) => (
            <TableRow key={work.key}>
              <th scope="row">{workName(work)}</th>
              <td>{countsWords(work)}</td>
              <td>{tookRange(work)}</td>
              <td>{timesWords(work.times, page.least)}</td>
            </TableRow>
          ))}
        </tbody>
      </Box>
      {more}
    </>
  );
}
