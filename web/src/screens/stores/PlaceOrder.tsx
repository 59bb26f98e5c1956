import type { Schemas } from '../../api/client';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { BookForm } from './BookForm';
import { newOrder, OrderFields, orderTyped } from './OrderFields';

/** What was ordered of an item. */
export function PlaceOrder({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const form = useSignedForm({
    path: '/api/stores/items/{itemId}/orders',
    params: { path: { itemId: item.id } },
    start: newOrder(item.order?.quantity ?? item.card.pack, item.unit),
    body: (typed) => orderTyped(typed, item.unit),
    onDone,
  });
  return (
    <BookForm form={form} act="Record the order">
      <OrderFields control={form.control} unit={item.unit} />
    </BookForm>
  );
}
