import Box from '@mui/material/Box';
import { Field } from '../../parts/Field';
import { Tick } from '../../parts/Tick';
import type { Wrong } from '../../api/problem';
import { notANumber } from '../../words/number';
import type { SetForm } from './form';

interface Props {
  set: SetForm;
  line: string;
  /** The sentence at a field, from a refused save. */
  problemAt: (field: string) => Wrong | undefined;
  onChange: (changed: Partial<SetForm>) => void;
}

/** Bar, loop and sprocket named in one line, each new part with its tag. */
export function SetLine({ set, line, problemAt, onChange }: Props) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr 1fr', md: 'minmax(0, 2.4fr) repeat(3, minmax(0, 1fr))' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
        <Field
          label="Bar, loop and sprocket"
          placeholder="16 in, .325, .050, 66, 7"
          hint="Length, pitch, gauge, drive links, teeth. Also: spur, solid, greasable."
          value={line}
          problem={problemAt('set.figures')}
          onChange={(typed) => onChange({ line: typed })}
        />
      </Box>
      <NewTag part="bar" set={set} problemAt={problemAt} onChange={onChange} />
      <NewTag part="chain" set={set} problemAt={problemAt} onChange={onChange} />
      <NewTag part="sprocket" set={set} problemAt={problemAt} onChange={onChange} />
    </Box>
  );
}

const TAGS = {
  bar: { label: 'Bar tag', placeholder: 'YB-30' },
  chain: { label: 'Chain tag', placeholder: 'YC-40' },
  sprocket: { label: 'Sprocket tag', placeholder: 'YS-30' },
};

/** The tag of a new part. */
export function NewTag({
  part,
  set,
  problemAt,
  onChange,
}: Omit<Props, 'line'> & { part: keyof typeof TAGS }) {
  return (
    <Field
      {...TAGS[part]}
      value={set[part].tag}
      problem={problemAt(`set.${part}.tag`)}
      onChange={(tag) => onChange({ [part]: { ...set[part], tag } })}
    />
  );
}

/** Whether its chain has run, and how long a new one was soaked. */
export function ChainAge({ set, problemAt, onChange }: Omit<Props, 'line'>) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
      <Tick
        label="The chain has never run"
        checked={set.newChain}
        onChange={(newChain) => onChange({ newChain })}
      />
      {set.newChain && (
        <Field
          label="Hours soaked in oil, 12 in a closed bag, at least 4"
          inputMode="decimal"
          value={set.soakHours}
          problem={notANumber(set.soakHours) ?? problemAt('set.soakHours')}
          onChange={(soakHours) => onChange({ soakHours })}
        />
      )}
    </Box>
  );
}
