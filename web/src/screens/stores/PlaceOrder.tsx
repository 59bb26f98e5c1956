import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { notANumber } from '../../words/number';
import { stockShown, stockTyped } from '../../words/units';
import { BookForm } from './BookForm';
import { labelled } from './itemForm';

/** What was ordered, from whom, and when it is to come. */
export function PlaceOrder({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const form = useSignedForm({
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
    <BookForm form={form} act="Record the order">
      <FormField
        control={form.control}
        name="amount"
        label={labelled('Ordered', item.unit)}
        inputMode="decimal"
        autoFocus
        check={notANumber}
      />
      <FormField control={form.control} name="supplier" label="From whom" />
      <FormField control={form.control} name="expectedOn" label="Expected on" type="date" />
    </BookForm>
  );
}
