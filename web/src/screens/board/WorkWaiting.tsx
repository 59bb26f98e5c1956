import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { StateMark } from '../../parts/StateMark';
import { TallyStrip } from '../../parts/TallyStrip';
import { minutes, tanks } from '../../words/format';
import { workReason, workTitle } from '../../words/work';

const RECHECKS = 3;

/** What waits over the fleet, most urgent first: what, why, how long, with the tally of what was used up. */
export function WorkWaiting({ rows }: { rows: Schemas['WorkRow'][] }) {
  return (
    <Box component="section" aria-labelledby="work-waiting" sx={{ minWidth: 0 }}>
      <Box component="h2" id="work-waiting" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        Work waiting
      </Box>
      {rows.length === 0 ? (
        <Box sx={{ color: 'text.secondary', py: 2 }}>Nothing waits. Every saw on the rack may go out.</Box>
      ) : (
        <Box
          component="table"
          sx={{ width: '100%', borderCollapse: 'collapse', '& th': { textAlign: 'left' } }}
        >
          <Box component="thead" sx={{ display: { xs: 'none', sm: 'table-header-group' } }}>
            <Box
              component="tr"
              sx={(t) => ({
                '& th': {
                  fontSize: 13,
                  fontWeight: 600,
                  color: t.vars.palette.text.secondary,
                  py: 0.75,
                  borderBottom: `1.5px solid ${t.vars.palette.text.primary}`,
                },
              })}
            >
              <th scope="col">Saw</th>
              <th scope="col">When</th>
              <th scope="col">What and why</th>
              <th scope="col">Tension</th>
            </Box>
          </Box>
          <tbody>
            {rows.map((row) => (
              <Row key={row.tag} row={row} />
            ))}
          </tbody>
        </Box>
      )}
    </Box>
  );
}

function Row({ row }: { row: Schemas['WorkRow'] }) {
  const [first, ...rest] = row.work;
  if (!first) return null;
  return (
    <Box
      component="tr"
      sx={(t) => ({
        '& td, & th': {
          borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
          py: 1.25,
          pr: 1.5,
          verticalAlign: 'middle',
          fontWeight: 400,
        },
      })}
    >
      <th scope="row">
        <TagPlate tag={row.tag} />
      </th>
      <td>
        <StateMark state={row.state}>{whenOf(row)}</StateMark>
      </td>
      <td>
        <Box
          component={Link}
          to={destination(row)}
          sx={{
            fontWeight: 600,
            textDecoration: 'none',
            display: 'block',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {workTitle(first)}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {workReason(first)} · {minutes(row.minutes)}
          {row.crew && ` · out with ${row.crew}`}
        </Box>
        {rest.map((work) => (
          <Box key={work.what} sx={{ fontSize: 13.5 }}>
            {workTitle(work)}
          </Box>
        ))}
      </td>
      <td>
        <Strip row={row} />
      </td>
    </Box>
  );
}

/** The check to make; a release and a missing set are seen to on the saw's own page. */
function destination(row: Schemas['WorkRow']): string {
  const first = row.work[0]?.what;
  const elsewhere = first === 'NO_SET_FITTED' || first === 'RELEASE_WAITS' || row.state === 'FIT';
  return elsewhere ? `/saws/${row.tag}` : `/saws/${row.tag}/tension`;
}

function whenOf(row: Schemas['WorkRow']): string {
  if (row.state === 'HELD') return 'Held';
  if (row.state === 'DUE') return 'Due now';
  const what = row.work[0]?.what;
  if (what === 'FIRST_CUTS_WAIT') return 'After cuts';
  return what === 'RECHECK_AFTER_FIRST_TANK_WAITS' ? 'After a tank' : 'Watch';
}

function Strip({ row }: { row: Schemas['WorkRow'] }) {
  const recheck = row.work.find((w) => w.what.startsWith('RECHECK_'));
  if (recheck) {
    return (
      <TallyStrip
        used={recheck.figure}
        limit={RECHECKS}
        text={`${recheck.figure} of 3 rechecks of the new chain done`}
      />
    );
  }
  const { tanks: used, limitTanks } = row.tension;
  const text = `${tanks(used)} used since the last good reading, limit ${tanks(limitTanks)}`;
  return <TallyStrip used={used} limit={limitTanks} text={text} />;
}
