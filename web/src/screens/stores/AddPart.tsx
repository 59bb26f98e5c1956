import { SortFields } from './SortFields';
import { newSort, NO_SORT, sortAt } from './sort';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { useParts } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { words } from '../../words/en';
import { inUnit } from '../../words/units';
import { barLength } from '../../words/format';
import { centsOf, notANumber } from '../../words/number';
import { useWatch } from 'react-hook-form';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField } from '../../parts/form/fields';

type Kind = 'CHAIN' | 'BAR' | 'SPROCKET';

/** What stands in the list of sorts for one that the fleet does not have yet. */
const NEW_SORT = 'NEW';

const BLANK = { kind: 'CHAIN' as Kind, like: '', tag: '', price: '', newCutter: '', ...NO_SORT };

/** A part for the shelf, the same as one that is known: nobody types pitch and gauge twice. */
export function AddPart({ onDone }: { onDone: () => void }) {
  const { data: parts } = useParts();
  const { control, form, submit, ready, besides } = useSignedForm({
    path: '/api/parts',
    params: {},
    start: BLANK,
    body: (typed) => {
      const input =
        likeOf(parts, typed) === NEW_SORT
          ? newSort(typed)
          : inputOf(parts, typed.kind, likeOf(parts, typed), typed.tag.trim(), typed.newCutter);
      const costCents = centsOf(typed.price);
      return input && { ...input, ...(costCents === undefined ? {} : { costCents }) };
    },
    at: ({ kind: typedKind }) => ({ ...sortAt(typedKind), price: 'costCents' }),
    onDone,
  });
  const kind = useWatch({ control, name: 'kind' });
  const options = [...alike(parts, kind), { value: NEW_SORT, label: 'None of these: a new sort' }];
  const like = useWatch({ control, name: 'like' });
  const sort = likeOf(parts, { kind, like });
  return (
    <Panel title="New part for the shelf">
      <form onSubmit={submit}>
        <Choice<Kind>
          label="Kind"
          value={kind}
          options={[
            { value: 'CHAIN', label: 'Loop' },
            { value: 'BAR', label: 'Bar' },
            { value: 'SPROCKET', label: 'Sprocket' },
          ]}
          onChange={(to) => {
            form.setValue('kind', to);
            form.setValue('like', '');
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
          <FormField control={control} name="tag" label="Tag" autoFocus />
          <Pick
            label="The same as"
            value={sort}
            options={options}
            onChange={(to) => form.setValue('like', to)}
          />
          {kind === 'CHAIN' && (
            <FormField control={control} name="newCutter" label={inUnit('Cutter length, if measured')} />
          )}
          <FormField control={control} name="price" label="Price" inputMode="decimal" check={notANumber} />
        </Box>
        {sort === NEW_SORT && <SortFields control={control} kind={kind} />}
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={!ready}>
          Put it on the shelf
        </Button>
      </form>
    </Panel>
  );
}

/** The sort that is chosen; at first the first that is known. */
function likeOf(parts: Schemas['Parts'] | undefined, typed: { kind: Kind; like: string }): string {
  return typed.like || (alike(parts, typed.kind)[0]?.value ?? NEW_SORT);
}

/** What is retired is no pattern for a new one. */
const inService = (part: { retiredAt?: string }) => part.retiredAt === undefined;

/** One of each sort that is known. */
function alike(parts: Schemas['Parts'] | undefined, kind: Kind): { value: string; label: string }[] {
  const all =
    kind === 'CHAIN'
      ? (parts?.chains ?? []).filter(inService).map((c) => ({
          tag: c.tag,
          label: `${words.pitch[c.pitch]}, ${words.gauge[c.gauge]}, ${c.driveLinks} drive links`,
        }))
      : kind === 'BAR'
        ? (parts?.bars ?? []).filter(inService).map((b) => ({
            tag: b.tag,
            label: `${barLength(b.lengthMm)}, ${words.pitch[b.pitch]}, ${b.driveLinks} drive links`,
          }))
        : (parts?.sprockets ?? []).filter(inService).map((s) => ({
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
    const { wearMarkMm, fileMm } = chain;
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
        ...(wearMarkMm === undefined ? {} : { wearMark: `${wearMarkMm} mm` }),
        ...(fileMm === undefined ? {} : { file: `${fileMm} mm` }),
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
