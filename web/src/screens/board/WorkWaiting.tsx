import { TableRow } from '../../parts/TableRow';
import { useWorkFilter } from './workFilter';
import { Quiet } from '../../parts/Quiet';
import { useSome } from '../../parts/more';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { StateMark } from '../../parts/StateMark';
import { TallyStrip } from '../../parts/TallyStrip';
import { BURNED, dayAhead, minutes, rounded } from '../../words/format';
import { familyWords, taskWords, units } from '../../words/schedule';
import { workReason, workTitle } from '../../words/work';

const FAMILIES = Object.keys(familyWords) as Schemas['Family'][];
const MOST_NAMED = 4;
/** So many saws at first; the most urgent are among them. */
const SHOWN = 20;

/** What waits over the fleet, most urgent first: what, why, how long, with the tally of what was used up. */
export function WorkWaiting({ rows }: { rows: Schemas['WorkRow'][] }) {
  const filter = useWorkFilter(rows);
  const { some, more } = useSome(filter.rows, SHOWN, filter.asked);
  return (
    <Box component="section" aria-labelledby="work-waiting" sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', justifyContent: 'space-between', gap: 2 }}>
        <Box component="h2" id="work-waiting" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
          Work waiting
        </Box>
        <Link to="/faults/new">Report a complaint</Link>
      </Box>
      {filter.fields}
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
                  pr: 1.25,
                  borderBottom: `1.5px solid ${t.vars.palette.text.primary}`,
                },
              })}
            >
              <th scope="col">Saw</th>
              <th scope="col">When</th>
              <Box component="th" scope="col" sx={{ width: '99%' }}>
                What and why
              </Box>
              {FAMILIES.map((family) => (
                <Box component="th" scope="col" key={family} sx={STRIP_CELL}>
                  {familyWords[family]}
                </Box>
              ))}
            </Box>
          </Box>
          <tbody>
            {some.map((row) => (
              <Row key={row.tag} row={row} />
            ))}
          </tbody>
        </Box>
      )}
      {rows.length > 0 && filter.rows.length === 0 && <Quiet>Nothing that waits matches.</Quiet>}
      {more}
    </Box>
  );
}

/** Strips need their width; a phone has the words alone. */
const STRIP_CELL = { display: { xs: 'none', lg: 'table-cell' } };

function Row({ row }: { row: Schemas['WorkRow'] }) {
  const [first, ...rest] = row.work;
  if (!first) return null;
  const others = rest.filter((w) => w.state !== 'FIT');
  return (
    <TableRow>
      <th scope="row">
        <TagPlate tag={row.tag} />
      </th>
      <Box component="td" sx={{ whiteSpace: 'nowrap' }}>
        <StateMark state={row.state}>{whenOf(row)}</StateMark>
      </Box>
      <td>
        <Box
          component={Link}
          to={row.visit ? `/bench/${row.visit.visitId}` : `/saws/${row.tag}`}
          sx={{
            fontWeight: 600,
            textDecoration: 'none',
            display: 'block',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {workTitle(first, row.power)}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {[
            workReason(first, row.power),
            row.minutes > 0 ? minutes(row.minutes) : '',
            row.visit
              ? 'on the bench'
              : row.crew
                ? `out with ${row.crew}`
                : row.away
                  ? `with ${row.away}`
                  : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </Box>
        {others.length > 0 && (
          <Box sx={{ fontSize: 13.5 }}>
            Also:{' '}
            {others
              .slice(0, MOST_NAMED)
              .map((w) => workTitle(w, row.power))
              .join('; ')}
            {others.length > MOST_NAMED && `; ${others.length - MOST_NAMED} more`}
          </Box>
        )}
      </td>
      {FAMILIES.map((family) => (
        <Box component="td" key={family} sx={STRIP_CELL}>
          <Strip tally={row.tallies.find((t) => t.family === family)} power={row.power} />
        </Box>
      ))}
    </TableRow>
  );
}

function whenOf(row: Schemas['WorkRow']): string {
  if (row.state === 'HELD') return 'Held';
  if (row.state === 'DUE') return 'Due now';
  const first = row.work[0];
  switch (first?.what) {
    case 'TASK_SOON':
      return first.expected ? `Due ${dayAhead(first.expected.likely)}` : 'Watch';
    case 'FIRST_CUTS_WAIT':
      return 'After cuts';
    case 'RECHECK_AFTER_FIRST_TANK_WAITS':
      return `After a ${BURNED[row.power]}`;
    default:
      return 'Watch';
  }
}

function Strip({ tally, power }: { tally: Schemas['Tally'] | undefined; power: Schemas['Power'] }) {
  if (!tally) return null;
  if (tally.unknown) return <Box sx={{ fontSize: 12.5 }}>unknown</Box>;
  const counted =
    Math.abs(tally.counted - tally.raw) > 0.01 ? `, counted as ${rounded(tally.counted, 1)}` : '';
  const text = `${taskWords[tally.task]}: ${units(tally.raw, tally.unit, power)}${counted} of ${rounded(tally.limit, 1)}`;
  return <TallyStrip used={tally.counted} limit={tally.limit} text={text} most={5} />;
}
