import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { notANumber } from '../../words/number';
import { stockTyped } from '../../words/units';
import { labelled } from './itemForm';

/** What a hand counted on the shelf, where the book says something else. */
export function CountShelf({ item }: { item: Schemas['ItemView'] }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items/{itemId}/counted',
    params: { path: { itemId: item.id } },
    start: { amount: '', reason: '' },
    body: ({ amount, reason }) => ({ amount: stockTyped(amount, item.unit) ?? 0, reason }),
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      <FormField
        control={control}
        name="amount"
        label={labelled('Counted on the shelf', item.unit)}
        inputMode="decimal"
        check={notANumber}
      />
      <FormField control={control} name="reason" label="Why the count differs" />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Correct stock
      </Button>
    </Box>
  );
}
