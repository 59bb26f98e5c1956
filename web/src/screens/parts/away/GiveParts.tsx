import { usePartsAway } from '../../../api/queries';
import { FormField, FormTicks } from '../../../parts/form/fields';
import { useSignedForm } from '../../../parts/form/useSignedForm';
import { today } from '../../../words/days';
import { NOTHING_SAID, SAID_AT, SaidFields, saidOf } from '../../saw/away/SaidFields';
import { BookForm } from '../../stores/BookForm';

const NAMES = 'parts-away-names';

/** Parts on the shelf go to a mechanic or dealer; of several it is chosen which. */
export function GiveParts({ tags, onDone }: { tags: readonly string[]; onDone: () => void }) {
  const names = usePartsAway().data?.names ?? [];
  const form = useSignedForm({
    path: '/api/parts-away',
    params: {},
    start: {
      ...NOTHING_SAID,
      parts: tags.length === 1 ? [...tags] : ([] as string[]),
      who: '',
      why: '',
      since: today(),
    },
    body: ({ parts, who, why, since, ...said }) => ({ parts, who, why, since, said: saidOf(said) }),
    at: () => SAID_AT,
    onDone,
  });
  const { control } = form;
  return (
    <BookForm form={form} act="Give away">
      <FormTicks
        control={control}
        name="parts"
        title="What goes"
        options={Object.fromEntries(tags.map((tag) => [tag, tag]))}
      />
      <FormField control={control} name="who" label="With whom" inputProps={{ list: NAMES }} autoFocus />
      <datalist id={NAMES}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <FormField control={control} name="why" label="Why" />
      <FormField
        control={control}
        name="since"
        label="Since"
        type="date"
        inputProps={{ max: today() }}
        asked="Enter the day."
      />
      <SaidFields control={control} of="parts" />
    </BookForm>
  );
}
