import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Field } from '../../parts/Field';
import { Key } from '../../parts/Key';
import { damageWords, sideWords } from '../../words/edge';
import { nextToMeasure } from './order';
import { startStandIn, stopStandIn, useCaliper } from './useCaliper';
import type { ViceActions } from './Vice';
import { lengthSign } from '../../words/units';
import { COMMANDS } from '../../shell/commands';

interface Props {
  open: Schemas['OpenSharpening'];
  place: number;
  after: boolean;
  actions: ViceActions;
  onDone: () => void;
  onChoose: (place: number) => void;
}

const DAMAGES = Object.keys(damageWords) as Schemas['CutterDamage'][];

/** One length after the other, typed or from a caliper; Enter goes on to the next cutter. */
export function MeasureCutter({ open, place, after, actions, onDone, onChoose }: Props) {
  const cutter = open.places[place];
  const [text, setText] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const [caliper, setCaliper] = useState(false);
  const left = nextToMeasure(open, after);
  // The caliper's next reading belongs to the cutter after the one that was stored, though the screen may not have shown it yet.
  const at = useRef(place);
  useEffect(() => {
    at.current = place;
    field.current?.focus();
  }, [place]);
  const typedAhead = useRef(Promise.resolve(true));
  const store = async (length: string): Promise<boolean> => {
    const here = at.current;
    const stored = await actions.measure(here, length);
    if (stored) {
      at.current = here + 1;
      onDone();
    }
    return stored;
  };
  // Done with the last cutter, it listens no more.
  const running = caliper && left !== undefined;
  useCaliper(
    running,
    () => void startStandIn(open.id, at.current, after),
    async (length) => {
      await store(length);
    },
  );
  if (!cutter) return null;
  // A quick hand types on while the last length is on its way: that one waits its turn, and nothing follows what is refused.
  const submit = () => {
    if (text.trim() === '') return;
    const typed = text;
    setText('');
    typedAhead.current = typedAhead.current.then(async (goesOn) => {
      if (goesOn && (await store(typed))) return true;
      setText((now) => (now === '' ? typed : now));
      return false;
    });
    const last = typedAhead.current;
    void last.then(() => {
      if (typedAhead.current === last) typedAhead.current = Promise.resolve(true);
    });
  };
  const last = open.places.length - 1;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'start' }}>
        <Box sx={{ width: 230 }}>
          <Field
            label={`Cutter ${place + 1}, ${sideWords[cutter.side]}${after ? ', after filing' : ''}, ${lengthSign()}`}
            inputRef={field}
            autoFocus
            inputMode="decimal"
            value={text}
            onChange={setText}
            problem={actions.problem}
            hint={left === undefined ? 'All measured' : 'Enter: on to the next. Arrows: another cutter'}
            onKeyDown={(e) => {
              if (e.key === 'Enter') {
                e.preventDefault();
                submit();
              }
              if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
                e.preventDefault();
                onChoose(e.key === 'ArrowUp' ? Math.max(0, place - 1) : Math.min(last, place + 1));
              }
            }}
            sx={{ fontSize: 24, fontWeight: 600 }}
          />
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 2.9 }}>
          <Button variant="contained" onClick={submit}>
            Store
            <Key of={COMMANDS.vice.keys.next} />
          </Button>
          <Button
            variant="outlined"
            aria-pressed={running}
            onClick={() => {
              if (running) void stopStandIn();
              setCaliper(!running);
            }}
          >
            {running ? 'Stop the stand-in caliper' : 'Stand-in caliper'}
          </Button>
        </Box>
      </Box>
      {!after && (
        <Box
          role="group"
          aria-label="Damage of this cutter"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {DAMAGES.map((damage) => (
            <Button
              key={damage}
              variant={cutter.damage === damage ? 'contained' : 'outlined'}
              size="small"
              onClick={() =>
                void actions
                  .measure(
                    place,
                    cutter.beforeMm === undefined ? undefined : `${cutter.beforeMm} mm`,
                    cutter.damage === damage ? undefined : damage,
                  )
                  .then((stored) => stored && onDone())
              }
            >
              {damageWords[damage]}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
