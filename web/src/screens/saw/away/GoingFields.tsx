import type { ReactNode } from 'react';
import type { Control } from 'react-hook-form';
import { FormField } from '../../../parts/form/fields';
import { today } from '../../../words/days';
import type { SaidForm } from './SaidFields';
import { NOTHING_SAID, SaidFields } from './SaidFields';

const NAMES = 'away-names';

/** What is written down when something goes to a mechanic or dealer. */
export interface GoingForm extends SaidForm {
  who: string;
  why: string;
  since: string;
}

export const going = (): GoingForm => ({ ...NOTHING_SAID, who: '', why: '', since: today() });

interface Props<V extends GoingForm> {
  control: Control<V>;
  /** With whom something has been, to choose from. */
  names: readonly string[];
  of: 'saw' | 'parts';
  /** What it goes for. */
  children?: ReactNode;
}

export function GoingFields<V extends GoingForm>({ control, names, of: what, children }: Props<V>) {
  const of = control as unknown as Control<GoingForm>;
  return (
    <>
      <FormField control={of} name="who" label="With whom" inputProps={{ list: NAMES }} autoFocus />
      <datalist id={NAMES}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <FormField control={of} name="why" label="Why" />
      {children}
      <FormField
        control={of}
        name="since"
        label="Since"
        type="date"
        inputProps={{ max: today() }}
        asked="Enter the day."
      />
      <SaidFields control={of} of={what} />
    </>
  );
}
