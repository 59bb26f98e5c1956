import type { Schemas } from '../../api/client';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { BookForm } from './BookForm';
import { newOrder, OrderFields, orderTyped } from './OrderFields';

/** What was ordered of tagged parts of one sort. */
export function OrderParts({ group, onDone }: { group: Schemas['PartGroup']; onDone: () => void }) {
  const form = useSignedForm({
    path: '/api/stores/parts/{tag}/orders',
    params: { path: { tag: group.like } },
    start: newOrder(group.order?.quantity ?? 1, 'PIECE'),
    body: (typed) => orderTyped(typed, 'PIECE'),
    onDone,
  });
  return (
    <BookForm form={form} act="Record the order">
      <OrderFields control={form.control} unit="PIECE" />
    </BookForm>
  );
}
