import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useCrews } from '../../api/queries';
import { optionsOf } from '../../parts/Field';
import { FormField, FormPick } from '../../parts/form/fields';
import { Panel } from '../../parts/Panel';
import { today } from '../../words/days';
import { words } from '../../words/en';
import { notANumber, numberOf } from '../../words/number';
import { lengthSign } from '../../words/units';

type Booking = Schemas['BookingInput'];

const BLANK = {
  crewId: '',
  leaves: '',
  at: '07:00',
  until: '',
  saws: '1',
  bar: '',
  handle: '' as Schemas['Handle'] | '',
  power: '' as Schemas['Power'] | '',
  note: '',
};

/** What a crew wants, to be tried before it is kept. */
export function BookingForm({ onTry, onClose }: { onTry: (booking: Booking) => void; onClose: () => void }) {
  const { data: crews = [] } = useCrews();
  const here = crews.filter((crew) => !crew.leftOn);
  const { control, handleSubmit } = useForm({ defaultValues: BLANK });
  const submit = handleSubmit((typed) => onTry(asked(typed)));
  return (
    <Panel title="A crew wants saws">
      <Box
        component="form"
        onSubmit={(e: React.SyntheticEvent) => void submit(e)}
        sx={{
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, minmax(0, 1fr))' },
          alignItems: 'start',
        }}
      >
        <FormPick
          control={control}
          name="crewId"
          label="Crew"
          options={[
            { value: '', label: 'Choose' },
            ...here.map((one) => ({ value: one.id, label: one.name })),
          ]}
          asked="Choose the crew."
        />
        <FormField
          control={control}
          name="leaves"
          label="Leaves on"
          type="date"
          inputProps={{ min: today() }}
          asked="Enter the day."
        />
        <FormField control={control} name="at" label="At" type="time" asked="Enter the hour." />
        <FormField
          control={control}
          name="until"
          label="Last day away"
          type="date"
          hint="The same day if empty"
        />
        <FormField
          control={control}
          name="saws"
          label="How many saws"
          inputMode="numeric"
          check={notANumber}
          asked="Enter how many."
        />
        <FormField
          control={control}
          name="bar"
          label={`Bar at least, ${lengthSign()}`}
          hint="16 in is read too; any if empty"
        />
        <FormPick
          control={control}
          name="handle"
          label="Handle"
          options={[{ value: '', label: 'Either' }, ...optionsOf(words.handle)]}
        />
        <FormPick
          control={control}
          name="power"
          label="Drive"
          options={[{ value: '', label: 'Any' }, ...optionsOf(words.power)]}
        />
        <Box sx={{ gridColumn: '1 / -1' }}>
          <FormField control={control} name="note" label="What for" />
        </Box>
        <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained">
            Try the booking
          </Button>
          <Button variant="text" onClick={onClose}>
            Close
          </Button>
        </Box>
      </Box>
    </Panel>
  );
}

function asked({ crewId, leaves, at, until, saws, bar, handle, power, note }: typeof BLANK): Booking {
  return {
    id: newId(),
    crewId,
    leaves,
    at: `${at}:00`,
    saws: Math.trunc(numberOf(saws) ?? 0),
    ...(until ? { until } : {}),
    ...(bar.trim() ? { bar } : {}),
    ...(handle ? { handle } : {}),
    ...(power ? { power } : {}),
    ...(note.trim() ? { note } : {}),
  };
}
