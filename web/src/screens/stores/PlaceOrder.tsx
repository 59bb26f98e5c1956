import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { notANumber } from '../../words/number';
import { stockShown, stockTyped } from '../../words/units';
import { labelled } from './itemForm';

/** What was ordered, from whom, and when it is to come. */
export function PlaceOrder({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items/{itemId}/orders',
    params: { path: { itemId: item.id } },
    start: {
      amount: stockShown(item.order?.quantity ?? item.card.pack, item.unit),
      supplier: '',
      expectedOn: '',
    },
    body: ({ amount, supplier, expectedOn }) => ({
      amount: stockTyped(amount, item.unit) ?? 0,
      ...(supplier.trim() ? { supplier } : {}),
      ...(expectedOn ? { expectedOn } : {}),
    }),
    onDone,
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      <FormField
        control={control}
        name="amount"
        label={labelled('Ordered', item.unit)}
        inputMode="decimal"
        autoFocus
        check={notANumber}
      />
      <FormField control={control} name="supplier" label="From whom" />
      <FormField control={control} name="expectedOn" label="Expected on" type="date" />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Record the order
      </Button>
    </Box>
  );
}
