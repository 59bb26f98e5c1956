import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Field } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { Tick } from '../../parts/Tick';
import { watchSentence, wetWords } from '../../words/faults';
import type { FaultAct } from './useFaultAct';

const PLACES = Object.keys(wetWords) as Schemas['Wet'][];

/** The saw on fresh card: stand it, look, say where it is wet. */
export function LeakStand({
  fault,
  act,
  pending,
}: {
  fault: Schemas['FaultPage'];
  act: FaultAct;
  pending: boolean;
}) {
  const [note, setNote] = useState('');
  const [full, setFull] = useState(false);
  const { watch } = fault;
  const stands = watch.state !== 'NOT_STANDING';
  return (
    <Panel title="Leak test running">
      <Box sx={{ fontSize: 17, mb: 1.5 }} role="status">
        {watchSentence(watch)}
      </Box>
      {stands && watch.state !== 'DRY' && (
        <Box
          role="group"
          aria-label="Where it is wet"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1.5 }}
        >
          {PLACES.map((wet) => (
            <Button
              key={wet}
              variant="outlined"
              disabled={pending}
              sx={{ flex: '1 1 120px', minHeight: 52 }}
              onClick={() => void act('/api/faults/{id}/look', { wet })}
            >
              {wetWords[wet]}
            </Button>
          ))}
        </Box>
      )}
      <Box
        component="form"
        onSubmit={(e: React.SyntheticEvent) => {
          e.preventDefault();
          void act('/api/faults/{id}/stand', { full, ...(note.trim() ? { note } : {}) }).then((done) => {
            if (!done) return;
            setNote('');
            setFull(false);
          });
        }}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}
      >
        <Box sx={{ width: 260 }}>
          <Field label="What was swapped before" value={note} onChange={setNote} />
        </Box>
        <Tick label="The oil tank is full" checked={full} onChange={setFull} />
        <Button type="submit" variant="outlined" disabled={pending || !full}>
          {stands ? 'Stand it again on fresh card' : 'Stand it on fresh card'}
        </Button>
      </Box>
    </Panel>
  );
}
