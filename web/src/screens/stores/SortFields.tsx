import Box from '@mui/material/Box';
import type { Control, FieldValues } from 'react-hook-form';
import { optionsOf } from '../../parts/Field';
import { FormField, FormPick } from '../../parts/form/fields';
import { words } from '../../words/en';
import { notANumber } from '../../words/number';
import type { SortForm } from './sort';

/** What tells a new sort of part from those that the fleet has. */
export function SortFields<V extends FieldValues & SortForm>({
  control,
  kind,
}: {
  control: Control<V>;
  kind: 'CHAIN' | 'BAR' | 'SPROCKET';
}) {
  const fields = control as unknown as Control<SortForm>;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fit, minmax(170px, 1fr))',
        gap: 1.5,
        mt: 1.5,
        alignItems: 'start',
      }}
    >
      <FormPick control={fields} name="pitch" label="Pitch" options={optionsOf(words.pitch)} />
      {kind !== 'SPROCKET' && (
        <>
          <FormPick control={fields} name="gauge" label="Gauge" options={optionsOf(words.gauge)} />
          <FormField
            control={fields}
            name="driveLinks"
            label="Drive links"
            inputMode="numeric"
            check={notANumber}
          />
        </>
      )}
      {kind === 'BAR' && (
        <>
          <FormField control={fields} name="length" label="Length" hint="Such as 18 in or 450 mm" />
          <FormPick control={fields} name="nose" label="Nose" options={optionsOf(words.nose)} />
        </>
      )}
      {kind === 'SPROCKET' && (
        <>
          <FormPick control={fields} name="rim" label="Spur or rim" options={optionsOf(words.sprocketKind)} />
          <FormField control={fields} name="teeth" label="Teeth" inputMode="numeric" check={notANumber} />
        </>
      )}
    </Box>
  );
}
