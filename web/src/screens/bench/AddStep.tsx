import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useSchedule, useWrite } from '../../api/queries';
import { Pick } from '../../parts/Field';
import { usePerson } from '../../shell/person';
import { stepWords } from '../../words/bench';

const REPLACING: Schemas['Step'][] = ['REPLACE_CHAIN', 'REPLACE_BAR', 'REPLACE_SPROCKET'];

/** Puts a step into the visit that nothing asked for: the hand saw something, or there is time. */
export function AddStep({
  visit,
  onAdded,
}: {
  visit: Schemas['VisitPage'];
  onAdded: (step: Schemas['Step']) => void;
}) {
  const { person } = usePerson();
  const { data } = useSchedule(visit.tag);
  const [id, setId] = useState(newId);
  const write = useWrite('/api/visits/{visitId}/steps', { path: { visitId: visit.id } });
  const present = new Set(visit.steps.map((s) => s.step));
  const offered = [...(data?.quick ?? []).map((q) => q.step), ...REPLACING].filter((s) => !present.has(s));
  const add = (step: Schemas['Step'] | '') => {
    if (!person || step === '') return;
    write.mutate(
      { id, personId: person.id, step },
      { onSuccess: () => onAdded(step), onSettled: () => setId(newId()) },
    );
  };
  return (
    <Box>
      <Pick<Schemas['Step'] | ''>
        label="Add a step"
        value=""
        options={[
          { value: '', label: 'Choose' },
          ...offered.map((step) => ({ value: step, label: stepWords[step].title })),
        ]}
        onChange={add}
        problem={write.error?.message}
      />
    </Box>
  );
}
