import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { useSchedule } from '../../api/queries';
import { Pick } from '../../parts/Field';
import { stepWords } from '../../words/bench';
import { useSigned } from '../../shell/signed';

const REPLACING: Schemas['Step'][] = ['REPLACE_CHAIN', 'REPLACE_BAR', 'REPLACE_SPROCKET'];

/** Puts a step into the visit that nothing asked for: the hand saw something, or there is time. */
export function AddStep({
  visit,
  onAdded,
}: {
  visit: Schemas['VisitPage'];
  onAdded: (step: Schemas['Step']) => void;
}) {
  const { data } = useSchedule(visit.tag);
  const write = useSigned('/api/visits/{visitId}/steps', { path: { visitId: visit.id } });
  const present = new Set(visit.steps.map((s) => s.step));
  const offered = [...(data?.quick ?? []).map((q) => q.step), ...REPLACING].filter((s) => !present.has(s));
  const add = (step: Schemas['Step'] | '') => {
    if (step !== '') write.send({ step }, { onSuccess: () => onAdded(step) });
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
