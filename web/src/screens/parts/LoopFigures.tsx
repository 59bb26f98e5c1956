import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { words } from '../../words/en';
import { dayOf } from '../../words/format';
import { changedFigures, typedMm } from '../../words/loop';

/** What is marked on a loop or was measured on it when new; told anew where it was written down wrong. */
export function LoopFigures({ part, chain }: { part: Schemas['PartPage']; chain: Schemas['ChainView'] }) {
  const { control, submit, ready, besides, form } = useSignedForm({
    path: '/api/parts/{tag}/figures',
    params: { path: { tag: part.tag } },
    start: {
      wearMark: typedMm(chain.wearMarkMm),
      file: typedMm(chain.fileMm),
      newCutter: typedMm(chain.newCutterMm),
      tangDepth: typedMm(chain.tangDepthMm),
      reason: '',
    },
    body: (typed) => typed,
  });
  return (
    <Panel title="What its maker says">
      <form onSubmit={submit}>
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <FormField
            control={control}
            name="wearMark"
            label={words.loop.wearMark}
            hint="Else that of an unmarked loop"
          />
          <FormField control={control} name="file" label={words.loop.file} hint="Else by pitch" />
          <FormField
            control={control}
            name="newCutter"
            label={words.loop.newCutter}
            hint="Else by pitch (est.)"
          />
          <FormField
            control={control}
            name="tangDepth"
            label={words.loop.tangDepth}
            hint="Else by pitch (est.)"
          />
          {form.formState.isDirty && (
            <FormField
              control={control}
              name="reason"
              label="Why it is changed"
              hint="Misread on the packet"
            />
          )}
        </Box>
        <ProblemNote sentences={besides} />
        {form.formState.isDirty && (
          <Box sx={{ typography: 'body2', mt: 1 }}>
            A lower mark lifts no hold: measure the loop again by it.
          </Box>
        )}
        <Button
          type="submit"
          variant="outlined"
          fullWidth
          sx={{ mt: 1 }}
          disabled={!ready || !form.formState.isDirty}
        >
          Change the figures
        </Button>
      </form>
      {part.figures.map((told) => (
        <Box key={told.at} sx={{ fontSize: 14, mt: 1, overflowWrap: 'anywhere' }}>
          {`${dayOf(told.at)}, ${told.by}: ${changedFigures(told.before, told.after)}. ${told.reason}`}
        </Box>
      ))}
    </Panel>
  );
}
