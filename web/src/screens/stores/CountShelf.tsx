import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { notANumber } from '../../words/number';
import { stockTyped } from '../../words/units';
import { BookForm } from './BookForm';
import { labelled } from './itemForm';

/** What a hand counted on the shelf, where the book says something else. */
export function CountShelf({ item }: { item: Schemas['ItemView'] }) {
  const form = useSignedForm({
    path: '/api/stores/items/{itemId}/counted',
    params: { path: { itemId: item.id } },
    start: { amount: '', reason: '' },
    body: ({ amount, reason }) => ({ amount: stockTyped(amount, item.unit) ?? 0, reason }),
  });
  return (
    <BookForm form={form} act="Correct stock">
      <FormField
        control={form.control}
        name="amount"
        label={labelled('Counted on the shelf', item.unit)}
        inputMode="decimal"
        check={notANumber}
      />
      <FormField control={form.control} name="reason" label="Why the count differs" />
    </BookForm>
  );
}
