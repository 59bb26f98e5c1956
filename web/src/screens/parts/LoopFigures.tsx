import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { words } from '../../words/en';
import { dayOf } from '../../words/format';
import { changedFigures, saidOfLoop } from '../../words/loop';
import { inUnit, lengthTyped, typedLength } from '../../words/units';
import { Opened } from '../corrections/Opened';

/** What is marked on a loop or was measured on it when new; told anew where it was written down wrong. */
export function LoopFigures({ part, chain }: { part: Schemas['PartPage']; chain: Schemas['ChainView'] }) {
  return (
    <Panel title="What its maker says">
      <Box sx={{ mb: 1 }}>{saidOfLoop(chain)}</Box>
      <Opened label="Change the figures">
        {(close) => <Figures part={part} chain={chain} onDone={close} />}
      </Opened>
      {part.figures.map((told) => (
        <Box key={told.at} sx={{ fontSize: 14, mt: 1, overflowWrap: 'anywhere' }}>
          {`Changed ${dayOf(told.at)} by ${told.by}: ${changedFigures(told.before, told.after)}. ${told.reason}`}
        </Box>
      ))}
    </Panel>
  );
}

function Figures({
  part,
  chain,
  onDone,
}: {
  part: Schemas['PartPage'];
  chain: Schemas['ChainView'];
  onDone: () => void;
}) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/parts/{tag}/figures',
    params: { path: { tag: part.tag } },
    start: {
      wearMark: typedLength(chain.wearMarkMm),
      file: typedLength(chain.fileMm),
      newCutter: typedLength(chain.newCutterMm),
      tangDepth: typedLength(chain.tangDepthMm),
      reason: '',
    },
    body: (typed) => ({
      ...typed,
      wearMark: lengthTyped(typed.wearMark, chain.wearMarkMm),
      file: lengthTyped(typed.file, chain.fileMm),
      newCutter: lengthTyped(typed.newCutter, chain.newCutterMm),
      tangDepth: lengthTyped(typed.tangDepth, chain.tangDepthMm),
    }),
    onDone,
  });
  return (
    <form onSubmit={submit}>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <FormField
          control={control}
          name="wearMark"
          label={inUnit(words.loop.wearMark)}
          hint="Empty: as for an unmarked loop. A lower mark does not lift a hold: measure the loop again."
        />
        <FormField control={control} name="file" label={inUnit(words.loop.file)} hint="Empty: by pitch" />
        <FormField
          control={control}
          name="newCutter"
          label={inUnit(words.loop.newCutter)}
          hint="Empty: by pitch (est.)"
        />
        <FormField
          control={control}
          name="tangDepth"
          label={inUnit(words.loop.tangDepth)}
          hint="Empty: by pitch (est.)"
        />
        <FormField
          control={control}
          name="reason"
          label="Reason for the change"
          hint="For instance: misread on the packet"
        />
      </Box>
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Save the figures
      </Button>
    </form>
  );
}
