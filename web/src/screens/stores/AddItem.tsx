import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useWatch } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { optionsOf } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { centsOf, notANumber, numberOf } from '../../words/number';
import { fitsHint, stockWords } from '../../words/stores';

const BLANK = { kind: 'PLUG' as Schemas['StockKind'], name: '', fits: '', least: '1', pack: '1', price: '' };

/** A new item for the book. */
export function AddItem({ onDone }: { onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items',
    params: {},
    start: BLANK,
    body: ({ kind, name, fits, least, pack, price }) => ({
      kind,
      card: {
        name,
        ...(fits.trim() ? { fits: fits.trim() } : {}),
        least: numberOf(least) ?? 0,
        pack: numberOf(pack) ?? 0,
        ...(price.trim() ? { costCents: centsOf(price) } : {}),
      },
    }),
    at: () => ({
      name: 'card.name',
      fits: 'card.fits',
      least: 'card.least',
      pack: 'card.pack',
      price: 'card.costCents',
    }),
    onDone,
  });
  const kind = useWatch({ control, name: 'kind' });
  return (
    <Panel title="New item">
      <form onSubmit={submit}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
            gap: 1.5,
            alignItems: 'start',
          }}
        >
          <FormPick control={control} name="kind" label="Kind" options={optionsOf(stockWords)} />
          <FormField control={control} name="name" label="Name" autoFocus />
          <FormField control={control} name="fits" label="Fits" hint={fitsHint(kind)} />
          <FormField control={control} name="least" label="At least" inputMode="decimal" check={notANumber} />
          <FormField
            control={control}
            name="pack"
            label="In packs of"
            inputMode="decimal"
            check={notANumber}
          />
          <FormField
            control={control}
            name="price"
            label="Price of one"
            inputMode="decimal"
            check={notANumber}
          />
        </Box>
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={!ready}>
          Add it to the book
        </Button>
      </form>
    </Panel>
  );
}
