import Box from '@mui/material/Box';
import type { Control } from 'react-hook-form';
import type { Schemas } from '../../../api/client';
import { Caution } from '../../../parts/Caution';
import { FormTicks } from '../../../parts/form/fields';
import { stepWords } from '../../../words/bench';

type Step = Schemas['Step'];

interface LooksForm {
  looks: Step[];
}

/** Not looked at yet. */
export const UNSEEN: LooksForm = { looks: [] };

/** The looks that a part asks for when somebody else had it. */
export function LooksFields<V extends LooksForm>({ control, asked }: { control: Control<V>; asked: Step[] }) {
  const of = control as unknown as Control<LooksForm>;
  const caution = asked.map((step) => stepWords[step].caution).find(Boolean);
  return (
    <>
      {caution && <Caution>{caution}</Caution>}
      <FormTicks
        control={of}
        name="looks"
        title="Looked at here, nothing found"
        options={
          Object.fromEntries(asked.map((step) => [step, stepWords[step].title])) as Record<Step, string>
        }
      />
      <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>
        Nobody here knows what was done to it. Unseen it goes with no gang, and on a saw it holds the saw
        until it is looked at there. Where you find something, leave it unseen: put it right first, or retire
        it.
      </Box>
    </>
  );
}
