import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { words } from '../../words/en';
import { shareOf } from '../../words/format';
import { notANumber, numberOf } from '../../words/number';

type Calibrated = 'RAIL_TOUCH' | 'TWELFTH_PAST_TOUCH';

/** Takes two methods on one chain, so that the estimated places on the common scale become measured ones. */
export function Calibration() {
  const { person } = usePerson();
  const [method, setMethod] = useState<Calibrated>('RAIL_TOUCH');
  const [sawTag, setSawTag] = useState('');
  const [work, setWork] = useState<Schemas['Work']>('FELLING');
  const [read, setRead] = useState('');
  const [pull, setPull] = useState('');
  const [id, setId] = useState(newId);
  const write = useWrite('/api/calibrations', {});
  const ready =
    person &&
    sawTag.trim() !== '' &&
    read.trim() !== '' &&
    pull.trim() !== '' &&
    !notANumber(read) &&
    !notANumber(pull);
  return (
    <Box component="section">
      <Box component="h2" sx={{ typography: 'h2', mt: 3, mb: 0.5 }}>
        Calibrate the common scale
      </Box>
      <Box sx={{ color: 'text.secondary', maxWidth: 720, mb: 1 }}>
        Read one chain by the method and by pull-down, cold and oiled, without touching the adjuster in
        between. Several pairs settle on their median.
      </Box>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!ready) return;
          write.mutate(
            {
              id,
              personId: person.id,
              sawTag: sawTag.trim(),
              method,
              figure: numberOf(read) ?? 0,
              pullDownMm: numberOf(pull) ?? 0,
              work,
            },
            { onSettled: () => setId(newId()) },
          );
        }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start' }}>
          <Choice
            label="Method"
            value={method}
            options={[
              { value: 'RAIL_TOUCH', label: words.method.RAIL_TOUCH },
              { value: 'TWELFTH_PAST_TOUCH', label: words.method.TWELFTH_PAST_TOUCH },
            ]}
            onChange={setMethod}
          />
          <Box sx={{ width: 90 }}>
            <Field label="Saw" value={sawTag} onChange={setSawTag} />
          </Box>
          <Box sx={{ width: 140 }}>
            <Pick label="Work" value={work} options={optionsOf(words.work)} onChange={setWork} />
          </Box>
          <Box sx={{ width: 170 }}>
            <Field
              label={method === 'RAIL_TOUCH' ? 'Gap without pull, mm' : 'Degrees past touch'}
              inputMode="decimal"
              value={read}
              onChange={setRead}
              problem={notANumber(read) ?? write.error?.at('figure')}
            />
          </Box>
          <Box sx={{ width: 150 }}>
            <Field
              label="Pull-down, mm"
              inputMode="decimal"
              value={pull}
              onChange={setPull}
              problem={notANumber(pull)}
            />
          </Box>
          <Button type="submit" variant="outlined" sx={{ mt: 2.75 }} disabled={!ready || write.isPending}>
            Calibrate
          </Button>
        </Box>
      </form>
      <ProblemNote sentences={write.error?.besides(['figure']) ?? []} />
      {write.data && (
        <Box role="status" sx={{ mt: 1, fontWeight: 600 }}>
          {words.method[write.data.method]} now lies at {shareOf(write.data.share)} of the target pull-down,
          from {write.data.pairs} {write.data.pairs === 1 ? 'pair' : 'pairs'} of readings.
        </Box>
      )}
    </Box>
  );
}
