import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useSawList } from '../../api/queries';
import { Field } from '../../parts/Field';
import { useSome } from '../../parts/more';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import type { Column } from './columns';
import { COLUMNS, inOrder, lineText } from './columns';
import { PlateLabels } from './PlateLabels';
import { SawRow } from './SawRow';

/** The fleet's list: what each saw is, what hangs on it, where it is, and how much is left; sorted and filtered by any of it. */
export default function SawsScreen() {
  const { data: saws, error } = useSawList();
  const [text, setText] = useState('');
  const [labels, setLabels] = useState(false);
  const wanted = text.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const shown = (saws ?? []).filter((saw) => wanted.every((word) => lineText(saw).includes(word)));
  return (
    <>
      <title>Saws – Yellow Tally</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, py: 2 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0, flexGrow: 1 }}>
          Saws
        </Box>
        <Box component="search" sx={{ width: { xs: '100%', sm: 300 } }}>
          <Field
            label="Show only"
            value={text}
            onChange={setText}
            placeholder="16 in, due, tunnel, kestrup"
          />
        </Box>
        {shown.length > 0 && (
          <Button variant="text" aria-expanded={labels} onClick={() => setLabels(!labels)}>
            Plate labels
          </Button>
        )}
        <ForWhoMay write="/api/saws" silent>
          <Button variant="contained" component={Link} to="/saws/new">
            Add a saw
          </Button>
        </ForWhoMay>
      </Box>
      {labels && <PlateLabels tags={shown.map((saw) => saw.tag)} all={shown.length === saws?.length} />}
      <ProblemNote sentences={error ? [error.message] : []} />
      {!saws && !error && <Loading />}
      {saws?.length === 0 && (
        <Quiet>
          No saw hangs here yet. <Link to="/saws/new">Add your saws</Link>.
        </Quiet>
      )}
      {saws && saws.length > 0 && shown.length === 0 && <Quiet>No saw matches.</Quiet>}
      {shown.length > 0 && <Table saws={shown} asked={text} />}
    </>
  );
}

const SHOWN = 50;

function Table({ saws, asked }: { saws: Schemas['ListedSaw'][]; asked: string }) {
  const [sorted, setSorted] = useState<{ by: Column; down: boolean }>({ by: 'tag', down: false });
  const { some, more } = useSome(
    inOrder(saws, sorted.by, sorted.down),
    SHOWN,
    `${asked} ${sorted.by} ${sorted.down}`,
  );
  const sort = (by: Column) => setSorted({ by, down: sorted.by === by && !sorted.down });
  return (
    <>
      <Box
        component="table"
        sx={{ width: '100%', borderCollapse: 'collapse', '& th': { textAlign: 'left' } }}
      >
        <thead>
          <tr>
            {COLUMNS.map(({ column, title, wide }) => (
              <Box
                component="th"
                scope="col"
                key={column}
                aria-sort={sorted.by === column ? (sorted.down ? 'descending' : 'ascending') : undefined}
                sx={(t) => ({
                  display: wide ? { xs: 'none', md: 'table-cell' } : undefined,
                  pr: 1.25,
                  borderBottom: `1.5px solid ${t.vars.palette.text.primary}`,
                })}
              >
                <Button
                  variant="text"
                  onClick={() => sort(column)}
                  sx={{
                    p: 0,
                    minWidth: 0,
                    minHeight: { xs: 44, md: 34 },
                    fontSize: 13,
                    color: 'text.secondary',
                    textDecoration: 'none',
                    whiteSpace: 'nowrap',
                    '&:hover': { textDecoration: 'underline' },
                  }}
                >
                  {title}
                  {sorted.by === column && (sorted.down ? ' ↓' : ' ↑')}
                </Button>
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {some.map((saw) => (
            <SawRow key={saw.tag} saw={saw} />
          ))}
        </tbody>
      </Box>
      {more}
    </>
  );
}
