import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useCrews } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { today } from '../../words/days';
import { notANumber, numberOf } from '../../words/number';
import { lengthSign } from '../../words/units';

type Booking = Schemas['BookingInput'];

/** What a crew wants, to be tried before it is kept. */
export function BookingForm({ onTry, onClose }: { onTry: (booking: Booking) => void; onClose: () => void }) {
  const { data: crews = [] } = useCrews();
  const here = crews.filter((crew) => !crew.leftOn);
  const [crewId, setCrewId] = useState('');
  const [leaves, setLeaves] = useState('');
  const [at, setAt] = useState('07:00');
  const [until, setUntil] = useState('');
  const [saws, setSaws] = useState('1');
  const [bar, setBar] = useState('');
  const [handle, setHandle] = useState<Schemas['Handle'] | ''>('');
  const [power, setPower] = useState<Schemas['Power'] | ''>('');
  const [note, setNote] = useState('');
  const [unsaid, setUnsaid] = useState(false);
  const crew = here.length === 1 ? (here[0]?.id ?? '') : crewId;
  const many = numberOf(saws);
  const complete = crew !== '' && leaves !== '' && at !== '' && many !== undefined;
  const submit = (e: React.SyntheticEvent) => {
    e.preventDefault();
    setUnsaid(!complete);
    if (!complete) return;
    onTry({
      id: newId(),
      crewId: crew,
      leaves,
      at: `${at}:00`,
      saws: Math.trunc(many),
      ...(until ? { until } : {}),
      ...(bar.trim() ? { bar } : {}),
      ...(handle ? { handle } : {}),
      ...(power ? { power } : {}),
      ...(note.trim() ? { note } : {}),
    });
  };
  const missing = (is: boolean, sentence: string) => (unsaid && is ? sentence : undefined);
  return (
    <Panel title="A crew wants saws">
      <Box
        component="form"
        onSubmit={submit}
        sx={{
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, minmax(0, 1fr))' },
          alignItems: 'start',
        }}
      >
        <Pick
          label="Crew"
          value={crew}
          options={[
            { value: '', label: 'Choose' },
            ...here.map((one) => ({ value: one.id, label: one.name })),
          ]}
          onChange={setCrewId}
          problem={missing(crew === '', 'Choose the crew.')}
        />
        <Field
          label="Leaves on"
          type="date"
          value={leaves}
          onChange={setLeaves}
          inputProps={{ min: today() }}
          problem={missing(leaves === '', 'Enter the day.')}
        />
        <Field
          label="At"
          type="time"
          value={at}
          onChange={setAt}
          problem={missing(at === '', 'Enter the hour.')}
        />
        <Field
          label="Last day away"
          type="date"
          value={until}
          onChange={setUntil}
          hint="The same day if empty"
        />
        <Field
          label="How many saws"
          inputMode="numeric"
          value={saws}
          onChange={setSaws}
          problem={notANumber(saws) ?? missing(many === undefined, 'Enter how many.')}
        />
        <Field
          label={`Bar at least, ${lengthSign()}`}
          value={bar}
          onChange={setBar}
          hint="16 in is read too; any if empty"
        />
        <Pick
          label="Handle"
          value={handle}
          options={[
            { value: '', label: 'Either' },
            { value: 'REAR', label: 'Rear' },
            { value: 'TOP', label: 'Top' },
          ]}
          onChange={setHandle}
        />
        <Pick
          label="Drive"
          value={power}
          options={[
            { value: '', label: 'Any' },
            { value: 'PETROL', label: 'Petrol' },
            { value: 'BATTERY', label: 'Battery' },
            { value: 'CORDED', label: 'Corded' },
          ]}
          onChange={setPower}
        />
        <Box sx={{ gridColumn: '1 / -1' }}>
          <Field label="What for" value={note} onChange={setNote} />
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
