import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBoard } from '../../api/queries';
import { Field } from '../../parts/Field';
import { Plate, plateSize } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { words } from '../../words/en';
import { byTag } from '../../words/tags';

/** All plates in one place, to look through and to add to. */
export default function SawsScreen() {
  const { data: board, error } = useBoard();
  const [text, setText] = useState('');
  const plates = (board?.rails.flatMap((rail) => rail.plates) ?? []).sort(byTag);
  const wanted = text.trim().toLowerCase();
  const shown = plates.filter((p) =>
    `${p.tag} ${plateSize(p)} ${words.state[p.state]}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <title>Saws – Yellow Tally</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, py: 2 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0, flexGrow: 1 }}>
          Saws
        </Box>
        <Box sx={{ width: 240 }}>
          <Field label="Show only" value={text} onChange={setText} placeholder="16 in, due, T" />
        </Box>
        <Button variant="contained" component={Link} to="/saws/new">
          Add a saw
        </Button>
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!board && !error && <Quiet>{words.loading}</Quiet>}
      {board && shown.length === 0 && (
        <Quiet>{plates.length === 0 ? 'No saw hangs here yet.' : 'No plate matches.'}</Quiet>
      )}
      <Box component="ul" sx={{ display: 'flex', flexWrap: 'wrap', gap: '14px 10px', p: 0, m: 0, pt: 1 }}>
        {shown.map((plate) => (
          <Plate key={plate.tag} plate={plate} />
        ))}
      </Box>
    </>
  );
}
