import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { newId } from '../../api/client';
import { usePreviewed, useVisitStrikeEffect } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { EffectNote, useRefused } from './EffectNote';
import { Opened } from './Opened';
import { StrikeForm } from './StrikeForm';

/** Puts a whole visit right: it was another saw, or it never was. */
export function CorrectVisit({ visitId, label = 'Put right' }: { visitId: string; label?: string }) {
  return <Opened label={label}>{(close) => <Wrong visitId={visitId} onDone={close} />}</Opened>;
}

function Wrong({ visitId, onDone }: { visitId: string; onDone: () => void }) {
  const [what, setWhat] = useState<'MOVE' | 'STRIKE'>('MOVE');
  return (
    <>
      <Choice
        label="What was wrong"
        options={[
          { value: 'MOVE', label: 'It was another saw' },
          { value: 'STRIKE', label: 'It never was' },
        ]}
        value={what}
        onChange={setWhat}
      />
      {what === 'MOVE' ? (
        <Move visitId={visitId} onDone={onDone} />
      ) : (
        <Never visitId={visitId} onDone={onDone} />
      )}
    </>
  );
}

function Never({ visitId, onDone }: { visitId: string; onDone: () => void }) {
  const { data: effect, error } = useVisitStrikeEffect(visitId);
  const form = useSignedForm({
    path: '/api/visits/{visitId}/strike',
    params: { path: { visitId } },
    start: { reason: '' },
    body: (typed) => typed,
    onDone,
  });
  return <StrikeForm form={form} effect={effect} error={error} />;
}

/** Every step is told once more of the other saw, at the time at which it was done, and judged by that saw. */
function Move({ visitId, onDone }: { visitId: string; onDone: () => void }) {
  const [previewId] = useState(newId);
  const params = { path: { visitId } };
  const form = useSignedForm({
    path: '/api/visits/{visitId}/move',
    params,
    start: { tag: '', reason: '' },
    body: ({ tag, reason }) => ({ tag: tag.trim(), reason }),
    onDone,
  });
  const tag = useWatch({ control: form.control, name: 'tag' }).trim();
  const asked = tag !== '';
  const preview = usePreviewed(
    '/api/visits/{visitId}/move/preview',
    params,
    { id: previewId, tag, reason: '-' },
    asked,
  );
  const refused = useRefused(preview.answer);
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'grid', gap: 1, maxWidth: 520 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 170px), 1fr))',
          gap: 1.5,
          alignItems: 'start',
        }}
      >
        <FormField control={form.control} name="tag" label="Saw" autoFocus />
        <FormField control={form.control} name="reason" label="Why it was wrong" />
      </Box>
      {asked && <EffectNote effect={preview.answer} error={preview.error} />}
      <ProblemNote sentences={form.besides} />
      <div>
        <Button type="submit" variant="outlined" disabled={!form.ready || refused || tag === ''}>
          Move the visit
        </Button>
      </div>
    </Box>
  );
}
