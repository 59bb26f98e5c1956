import type { Control } from 'react-hook-form';
import type { Schemas } from '../../../api/client';
import { FormField, FormTick } from '../../../parts/form/fields';
import { today } from '../../../words/days';
import { centsOf, notANumber } from '../../../words/number';
import { priceShown } from '../../../words/units';

/** What is said of the return of something, while it is typed. */
export interface SaidForm {
  expectedOn: string;
  counted: boolean;
  quote: string;
  fresh: string;
  note: string;
}

export const NOTHING_SAID: SaidForm = { expectedOn: '', counted: false, quote: '', fresh: '', note: '' };

/** Where the server names the fields otherwise. */
export const SAID_AT = {
  expectedOn: 'said.expectedOn',
  quote: 'said.quoteCents',
  fresh: 'said.newCents',
  note: 'said.note',
};

/** What stands already is not typed again. */
export function saidForm(last: Schemas['SaidView'] | undefined): SaidForm {
  return {
    expectedOn: last?.expectedOn ?? '',
    counted: last?.counted ?? false,
    quote: typedMoney(last?.quoteCents),
    fresh: typedMoney(last?.newCents),
    note: '',
  };
}

const typedMoney = (cents: number | undefined) => (cents === undefined ? '' : priceShown(cents, 'PIECE'));

export function saidOf({ expectedOn, counted, quote, fresh, note }: SaidForm): Schemas['SaidOfReturn'] {
  const quoteCents = centsOf(quote);
  const newCents = centsOf(fresh);
  return {
    counted,
    ...(expectedOn ? { expectedOn } : {}),
    ...(quoteCents === undefined ? {} : { quoteCents }),
    ...(newCents === undefined ? {} : { newCents }),
    ...(note.trim() ? { note } : {}),
  };
}

/** When it comes back and what that costs. */
export function SaidFields<V extends SaidForm>({
  control,
  of: what,
}: {
  control: Control<V>;
  of: 'saw' | 'parts';
}) {
  const of = control as unknown as Control<SaidForm>;
  return (
    <>
      <FormField
        control={of}
        name="expectedOn"
        label="Expected back on"
        type="date"
        inputProps={{ min: today() }}
      />
      <FormTick control={of} name="counted" label="The plan counts on that day" />
      <FormField
        control={of}
        name="quote"
        label={what === 'saw' ? 'What it may cost' : 'What each may cost'}
        check={notANumber}
      />
      {what === 'saw' && (
        <FormField control={of} name="fresh" label="What a new saw costs" check={notANumber} />
      )}
    </>
  );
}
