import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { notANumber } from '../../words/number';
import { orderWords } from '../../words/stores';
import { stockShown, stockTyped } from '../../words/units';
import { labelled } from './itemForm';

/** What came in, by its order where there is one. */
export function GoodsIn({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const first = item.onOrder[0];
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items/{itemId}/received',
    params: { path: { itemId: item.id } },
    start: { amount: first ? stockShown(first.amount, item.unit) : '', orderId: first?.id ?? '' },
    body: ({ amount, orderId }) => ({
      amount: stockTyped(amount, item.unit) ?? 0,
      ...(orderId ? { orderId } : {}),
    }),
    onDone,
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      {first && (
        <FormPick
          control={control}
          name="orderId"
          label="Which order"
          options={[
            ...item.onOrder.map((order) => ({ value: order.id, label: orderWords(order, item.unit) })),
            { value: '', label: 'None: bought when needed' },
          ]}
        />
      )}
      <FormField
        control={control}
        name="amount"
        label={labelled('Came in', item.unit)}
        inputMode="decimal"
        autoFocus
        check={notANumber}
      />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Put it on the shelf
      </Button>
    </Box>
  );
}
