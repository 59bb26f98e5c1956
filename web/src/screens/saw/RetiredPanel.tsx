import { useMarks } from '../../parts/PartTag';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { useSigned } from '../../shell/signed';
import { dayOf } from '../../words/format';

/** A saw that left the fleet: bring it back, or take its parts off for others. */
export function RetiredPanel({ saw }: { saw: Schemas['SawView'] }) {
  return (
    <>
      <ProblemNote
        sentences={[
          `Saw ${saw.tag} was retired ${dayOf(saw.retiredAt ?? '')}: ${saw.retiredReason ?? ''}. Its history stays readable.`,
        ]}
      />
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          my: 2,
          maxWidth: 860,
        }}
      >
        <BringBack saw={saw} />
        {(saw.bar ?? saw.chain ?? saw.sprocket) && <PartsOff key={saw.version} saw={saw} />}
      </Box>
    </>
  );
}

function BringBack({ saw }: { saw: Schemas['SawView'] }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/retirement/undo',
    params: { path: { tag: saw.tag } },
    start: { reason: '' },
    body: ({ reason }) => ({ version: saw.version, reason }),
  });
  return (
    <Panel title="Back into the fleet">
      <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1 }}>
        <FormField
          control={control}
          name="reason"
          label="Why it comes back"
          hint="It comes back as its records say; after a long rest it is looked over first."
        />
        <ProblemNote sentences={besides} />
        <div>
          <Button type="submit" variant="outlined" disabled={!ready}>
            Bring saw {saw.tag} back
          </Button>
        </div>
      </Box>
    </Panel>
  );
}

const KINDS = ['bar', 'chain', 'sprocket'] as const;

function PartsOff({ saw }: { saw: Schemas['SawView'] }) {
  const [off, setOff] = useState<string[]>([]);
  const marks = useMarks();
  const write = useSigned('/api/saws/{tag}/fittings', { path: { tag: saw.tag } });
  const kept = (kind: (typeof KINDS)[number]) => {
    const tag = saw[kind]?.tag;
    return tag === undefined || off.includes(tag) ? undefined : { tag, create: false };
  };
  return (
    <Panel title="Parts for other saws">
      <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
        {KINDS.map((kind) => {
          const tag = saw[kind]?.tag;
          return (
            tag !== undefined && (
              <Tick
                key={kind}
                label={`Take ${kind} ${tag} off${marks(tag) ? ` (${marks(tag)?.word})` : ''}`}
                checked={off.includes(tag)}
                onChange={(on) => setOff(on ? [...off, tag] : off.filter((t) => t !== tag))}
              />
            )
          );
        })}
        <ProblemNote sentences={write.error ? [write.error.message] : []} />
        <Button
          variant="outlined"
          disabled={!write.ready || off.length === 0}
          onClick={() =>
            write.send({
              version: saw.version,
              set: { bar: kept('bar'), chain: kept('chain'), sprocket: kept('sprocket') },
            })
          }
        >
          Lay them on the shelf
        </Button>
      </Box>
    </Panel>
  );
}
