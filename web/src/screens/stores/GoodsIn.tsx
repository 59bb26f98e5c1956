import type { Schemas } from '../../api/client';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { notANumber } from '../../words/number';
import { orderWords } from '../../words/stores';
import { stockShown, stockTyped } from '../../words/units';
import { BookForm } from './BookForm';
import { labelled } from './itemForm';

/** What came in, by its order where there is one. */
export function GoodsIn({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const first = item.onOrder[0];
  const form = useSignedForm({
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
    <BookForm form={form} act="Put it on the shelf">
      {first && (
        <FormPick
          control={form.control}
          name="orderId"
          label="Which order"
          options={[
            ...item.onOrder.map((order) => ({ value: order.id, label: orderWords(order, item.unit) })),
            { value: '', label: 'None: bought when needed' },
          ]}
        />
      )}
      <FormField
        control={form.control}
        name="amount"
        label={labelled('Came in', item.unit)}
        inputMode="decimal"
        autoFocus
        check={notANumber}
      />
    </BookForm>
  );
}
