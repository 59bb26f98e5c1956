import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { optionsOf } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { words } from '../../words/en';
import { shareOf } from '../../words/format';
import { useWatch } from 'react-hook-form';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { inUnit } from '../../words/units';
import { FormChoice, FormField, FormPick } from '../../parts/form/fields';

type Calibrated = 'RAIL_TOUCH' | 'TWELFTH_PAST_TOUCH';

const BLANK = {
  method: 'RAIL_TOUCH' as Calibrated,
  sawTag: '',
  work: 'FELLING' as Schemas['Work'],
  figure: '',
  pullDown: '',
};

/** Takes two methods on one chain, so that the estimated places on the common scale become measured ones. */
export function Calibration() {
  const { control, submit, ready, besides, data } = useSignedForm({
    path: '/api/calibrations',
    params: {},
    start: BLANK,
    body: ({ method, sawTag, work, figure, pullDown }) => ({
      method,
      sawTag: sawTag.trim(),
      work,
      figure,
      pullDown,
    }),
  });
  const typed = useWatch({ control });
  const whole = [typed.sawTag, typed.figure, typed.pullDown].every((text) => text?.trim());
  return (
    <Box component="section">
      <Box component="h2" sx={{ typography: 'h2', mt: 3, mb: 0.5 }}>
        Calibrate the common scale
      </Box>
      <Box sx={{ color: 'text.secondary', maxWidth: 720, mb: 1 }}>
        Read one chain by the method and by pull-down, cold and oiled, without touching the adjuster in
        between. Several pairs settle on their median.
      </Box>
      <form onSubmit={submit}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start' }}>
          <FormChoice
            control={control}
            name="method"
            label="Method"
            options={[
              { value: 'RAIL_TOUCH', label: words.method.RAIL_TOUCH },
              { value: 'TWELFTH_PAST_TOUCH', label: words.method.TWELFTH_PAST_TOUCH },
            ]}
          />
          <Box sx={{ width: 90 }}>
            <FormField control={control} name="sawTag" label="Saw" />
          </Box>
          <Box sx={{ width: 140 }}>
            <FormPick control={control} name="work" label="Work" options={optionsOf(words.work)} />
          </Box>
          <Box sx={{ width: 170 }}>
            <FormField
              control={control}
              name="figure"
              label={typed.method === 'RAIL_TOUCH' ? inUnit('Gap without pull') : 'Degrees past touch'}
              inputMode="decimal"
            />
          </Box>
          <Box sx={{ width: 150 }}>
            <FormField control={control} name="pullDown" label={inUnit('Pull-down')} inputMode="decimal" />
          </Box>
          <Button type="submit" variant="outlined" sx={{ mt: 2.75 }} disabled={!ready || !whole}>
            Calibrate
          </Button>
        </Box>
      </form>
      <ProblemNote sentences={besides} />
      {data && (
        <Box role="status" sx={{ mt: 1, fontWeight: 600 }}>
          {words.method[data.method]} now lies at {shareOf(data.share)} of the target pull-down, from{' '}
          {data.pairs} {data.pairs === 1 ? 'pair' : 'pairs'} of readings.
        </Box>
      )}
    </Box>
  );
}
