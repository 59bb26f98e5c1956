import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { stepWords } from '../../words/bench';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField, FormPick } from '../../parts/form/fields';

const BLANK: { note: string; step: Schemas['Step'] } = { note: '', step: 'OUTSIDE_LOOK' };

/** A person holds a saw, and says what will prove it good again. */
export function HoldForm({ tag, steps }: { tag: string; steps: Schemas['QuickStep'][] }) {
  const [open, setOpen] = useState(false);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/holds',
    params: { path: { tag } },
    start: BLANK,
    body: (typed) => typed,
    onDone: () => setOpen(false),
  });
  return (
    <Panel title="Hold this saw">
      {!open ? (
        <Button variant="outlined" fullWidth onClick={() => setOpen(true)}>
          Hold saw {tag}
        </Button>
      ) : (
        <form onSubmit={submit}>
          <FormField control={control} name="note" label="Why" autoFocus />
          <FormPick
            control={control}
            name="step"
            label="What clears it"
            options={steps.map((s) => ({ value: s.step, label: stepWords[s.step].title }))}
          />
          <ProblemNote sentences={besides} />
          <Button type="submit" variant="contained" fullWidth sx={{ mt: 1.5 }} disabled={!ready}>
            Hold saw {tag}
          </Button>
        </form>
      )}
    </Panel>
  );
}
