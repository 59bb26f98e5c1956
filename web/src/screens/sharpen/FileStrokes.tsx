import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Caution } from '../../parts/Caution';
import { Key } from '../../parts/Key';
import { ProblemNote } from '../../parts/ProblemNote';
import { TallyStrip } from '../../parts/TallyStrip';
import { figures } from '../../theme';
import { sideWords } from '../../words/edge';
import { nextToFile, plannedStrokes } from './order';
import type { ViceActions } from './Vice';
import { byCaliper } from '../../words/units';
import { COMMANDS, useCommands } from '../../shell/commands';

interface Props {
  open: Schemas['OpenSharpening'];
  place: number;
  actions: ViceActions;
  onDone: () => void;
}

/** The strokes of one cutter, large enough to be read from the vice; each press of the key is one stroke made. */
export function FileStrokes({ open, place, actions, onDone }: Props) {
  if (!open.plan) {
    return (
      <Box sx={{ fontSize: 17 }}>
        A plan needs at least two lengths on each side: measure the shortest and the longest of both.
      </Box>
    );
  }
  if (nextToFile(open) === undefined) {
    return (
      <Box sx={{ fontSize: 17, fontWeight: 600 }}>
        Every cutter has its strokes. Measure again, or end here.
      </Box>
    );
  }
  return <Count key={place} open={open} place={place} actions={actions} onDone={onDone} />;
}

function Count({ open, place, actions, onDone }: Props) {
  const planned = plannedStrokes(open, place) ?? 0;
  const [made, setMade] = useState(0);
  const cutter = open.places[place];
  const left = Math.max(0, planned - made);
  const done = () => void actions.filed(place, Math.max(planned, made)).then((stored) => stored && onDone());
  const stroke = () => {
    if (made + 1 >= planned) done();
    else setMade(made + 1);
  };
  useCommands('vice', { stroke, next: done });
  if (!cutter) return null;
  return (
    <Box component="section" aria-label={`Cutter ${place + 1}`} sx={{ display: 'grid', gap: 1 }}>
      <Caution>Eye protection for filing, gloves near cutters. Loop clamped, brake on.</Caution>
      <ProblemNote sentences={actions.problem ? [actions.problem] : []} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3, alignItems: 'center' }}>
        <Box
          sx={{ ...figures, fontSize: { xs: 96, md: 112 }, lineHeight: 1, minWidth: 96, textAlign: 'center' }}
          role="status"
        >
          {left}
        </Box>
        <Box>
          <Box sx={{ fontSize: 20, fontWeight: 600 }}>
            strokes on cutter {place + 1}, {sideWords[cutter.side]}
          </Box>
          <Box sx={{ color: 'text.secondary', mb: 1 }}>
            {cutter.beforeMm !== undefined && `Now ${byCaliper(cutter.beforeMm)}. `}All{' '}
            {sideWords[cutter.side]} ones first, from the other side.
          </Box>
          <TallyStrip
            used={made}
            limit={Math.max(1, planned)}
            text={`${made} of ${planned} strokes made`}
            most={40}
          />
        </Box>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" sx={{ minHeight: 56 }} onClick={stroke}>
            One stroke
            <Key of={COMMANDS.vice.keys.stroke} />
          </Button>
          <Button variant="outlined" sx={{ minHeight: 56 }} onClick={done}>
            All {planned} made
            <Key of={COMMANDS.vice.keys.next} />
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
