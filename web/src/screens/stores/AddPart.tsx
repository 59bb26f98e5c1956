import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useParts, useWrite } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { words } from '../../words/en';
import { barLength } from '../../words/format';
import { centsOf } from '../../words/number';

type Kind = 'CHAIN' | 'BAR' | 'SPROCKET';

/** A part for the shelf, the same as one that is known: nobody types pitch and gauge twice. */
export function AddPart({ onDone }: { onDone: () => void }) {
  const { person } = usePerson();
  const { data: parts } = useParts();
  const [kind, setKind] = useState<Kind>('CHAIN');
  const [like, setLike] = useState('');
  const [tag, setTag] = useState('');
  const [price, setPrice] = useState('');
  const [newCutter, setNewCutter] = useState('');
  const write = useWrite('/api/parts', {});
  const options = alike(parts, kind);
  const chosen = like || options[0]?.value || '';
  const send = () => {
    const input = inputOf(parts, kind, chosen, tag.trim(), newCutter);
    if (!person || !input) return;
    const cents = centsOf(price);
    write.mutate(
      { id: newId(), personId: person.id, ...input, ...(cents === undefined ? {} : { costCents: cents }) },
      { onSuccess: onDone },
    );
  };
  const field = `set.${kind.toLowerCase()}`;
  return (
    <Panel title="New part for the shelf">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          send();
        }}
      >
        <Choice<Kind>
          label="Kind"
          value={kind}
          options={[
            { value: 'CHAIN', label: 'Loop' },
            { value: 'BAR', label: 'Bar' },
            { value: 'SPROCKET', label: 'Sprocket' },
          ]}
          onChange={(to) => {
            setKind(to);
            setLike('');
          }}
        />
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(170px, 1fr))',
            gap: 1.5,
            mt: 1.5,
            alignItems: 'start',
          }}
        >
          <Field
            label="Tag"
            autoFocus
            value={tag}
            onChange={setTag}
            problem={write.error?.at(`${field}.tag`)}
          />
          <Pick label="The same as" value={chosen} options={options} onChange={setLike} />
          {kind === 'CHAIN' && (
            <Field
              label="Cutter length, if measured"
              value={newCutter}
              onChange={setNewCutter}
              problem={write.error?.at(`${field}.newCutter`)}
            />
          )}
          <Field
            label="Price"
            inputMode="decimal"
            value={price}
            onChange={setPrice}
            problem={write.error?.at('costCents')}
          />
        </Box>
        <ProblemNote
          sentences={write.error?.besides([`${field}.tag`, `${field}.newCutter`, 'costCents']) ?? []}
        />
        <Button
          type="submit"
          variant="contained"
          sx={{ mt: 1.5 }}
          disabled={write.isPending || chosen === ''}
        >
          Put it on the shelf
        </Button>
      </form>
    </Panel>
  );
}

/** One of each sort that is known. */
function alike(parts: Schemas['Parts'] | undefined, kind: Kind): { value: string; label: string }[] {
  const all =
    kind === 'CHAIN'
      ? (parts?.chains ?? []).map((c) => ({
          tag: c.tag,
          label: `${words.pitch[c.pitch]}, ${words.gauge[c.gauge]}, ${c.driveLinks} drive links`,
        }))
      : kind === 'BAR'
        ? (parts?.bars ?? []).map((b) => ({
            tag: b.tag,
            label: `${barLength(b.lengthMm)}, ${words.pitch[b.pitch]}, ${b.driveLinks} drive links`,
          }))
        : (parts?.sprockets ?? []).map((s) => ({
            tag: s.tag,
            label: `${words.sprocketKind[s.kind]}, ${s.teeth} teeth, ${words.pitch[s.pitch]}`,
          }));
  const seen = new Map(all.map((p) => [p.label, p.tag]));
  return [...seen].map(([label, value]) => ({ value, label }));
}

function inputOf(
  parts: Schemas['Parts'] | undefined,
  kind: Kind,
  like: string,
  tag: string,
  newCutter: string,
) {
  const chain = parts?.chains.find((p) => p.tag === like);
  const bar = parts?.bars.find((p) => p.tag === like);
  const sprocket = parts?.sprockets.find((p) => p.tag === like);
  if (kind === 'CHAIN' && chain) {
    const { pitch, gauge, driveLinks, sequence, cutterProfile, topPlateAngle, downTilt } = chain;
    return {
      chain: {
        tag,
        create: true,
        pitch,
        gauge,
        driveLinks,
        sequence,
        cutterProfile,
        topPlateAngle,
        downTilt,
        ...(newCutter.trim() ? { newCutter } : {}),
      },
    };
  }
  if (kind === 'BAR' && bar) {
    const { pitch, gauge, driveLinks, nose } = bar;
    return { bar: { tag, create: true, length: `${bar.lengthMm} mm`, pitch, gauge, driveLinks, nose } };
  }
  return kind === 'SPROCKET' && sprocket
    ? { sprocket: { tag, create: true, kind: sprocket.kind, teeth: sprocket.teeth, pitch: sprocket.pitch } }
    : undefined;
}
