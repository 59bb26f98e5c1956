import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { centsOf, notANumber } from '../../words/number';
import { tagsTyped } from '../../words/tags';
import { BookForm } from './BookForm';

interface Props {
  order: Schemas['OrderView'];
  /** Tags that are free for what comes. */
  nextTags: string[];
  onDone: () => void;
}

/** What came by an order: each piece gets its tag, and lies on the shelf. */
export function PartsIn({ order, nextTags, onDone }: Props) {
  const form = useSignedForm({
    path: '/api/stores/part-orders/{orderId}/came',
    params: { path: { orderId: order.id } },
    start: { tags: nextTags.join(', '), price: '' },
    body: ({ tags, price }) => {
      const costCents = centsOf(price);
      return { tags: tagsTyped(tags), ...(costCents === undefined ? {} : { costCents }) };
    },
    at: () => ({ price: 'costCents' }),
    onDone,
  });
  return (
    <BookForm form={form} act="Put them on the shelf">
      <FormField
        control={form.control}
        name="tags"
        label="Tags of what came"
        hint="One for each piece, with a comma between. As many as came: what is missing is ordered anew."
        autoFocus
      />
      <FormField
        control={form.control}
        name="price"
        label="Price of one"
        inputMode="decimal"
        check={notANumber}
      />
    </BookForm>
  );
}
