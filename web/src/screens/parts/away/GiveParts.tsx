import { usePartsAway } from '../../../api/queries';
import { FormTicks } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { going, GoingFields } from '../../saw/away/GoingFields';
import { SAID_AT, saidOf } from '../../saw/away/SaidFields';
import { BookForm } from '../../stores/BookForm';

/** Parts on the shelf go to a mechanic or dealer; of several it is chosen which. */
export function GiveParts({ tags, onDone }: { tags: readonly string[]; onDone: () => void }) {
  const names = usePartsAway().data?.names ?? [];
  const form = useSignedForm({
    path: '/api/parts-away',
    params: {},
    start: { ...going(), parts: tags.length === 1 ? [...tags] : ([] as string[]) },
    body: ({ parts, who, why, since, ...said }) => ({ parts, who, why, since, said: saidOf(said) }),
    at: () => SAID_AT,
    onDone,
  });
  return (
    <BookForm form={form} act="Give away">
      <FormTicks
        control={form.control}
        name="parts"
        title="What goes"
        options={Object.fromEntries(tags.map((tag) => [tag, tag]))}
      />
      <GoingFields control={form.control} names={names} of="parts" />
    </BookForm>
  );
}
