import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { stepWords } from '../../words/bench';

/** A person holds a saw, and says what will prove it good again. */
export function HoldForm({ tag, steps }: { tag: string; steps: Schemas['QuickStep'][] }) {
  const { person } = usePerson();
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState('');
  const [step, setStep] = useState<Schemas['Step']>('OUTSIDE_LOOK');
  const [id, setId] = useState(newId);
  const write = useWrite('/api/saws/{tag}/holds', { path: { tag: tag } });
  const send = () =>
    person &&
    write.mutate(
      { id, personId: person.id, step, note },
      {
        onSuccess: () => {
          setOpen(false);
          setNote('');
        },
        onSettled: () => setId(newId()),
      },
    );
  return (
    <Panel title="Hold this saw">
      {!open ? (
        <Button variant="outlined" fullWidth onClick={() => setOpen(true)}>
          Hold saw {tag}
        </Button>
      ) : (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            send();
          }}
        >
          <Field label="Why" autoFocus value={note} onChange={setNote} problem={write.error?.at('note')} />
          <Pick
            label="What proves it good again"
            value={step}
            options={steps.map((s) => ({ value: s.step, label: stepWords[s.step].title }))}
            onChange={setStep}
          />
          <ProblemNote sentences={write.error?.besides(['note']) ?? []} />
          <Button type="submit" variant="contained" fullWidth sx={{ mt: 1.5 }} disabled={write.isPending}>
            Hold saw {tag}
          </Button>
        </form>
      )}
    </Panel>
  );
}
