import type { Control } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { notANumber } from '../../words/number';
import { stockShown, stockTyped } from '../../words/units';
import { labelled } from './itemForm';

interface Typed {
  amount: string;
  supplier: string;
  expectedOn: string;
}

/** What stands in the fields at first. */
export const newOrder = (quantity: number, unit: Schemas['StockUnit']): Typed => ({
  amount: stockShown(quantity, unit),
  supplier: '',
  expectedOn: '',
});

/** What is sent of them. */
export const orderTyped = ({ amount, supplier, expectedOn }: Typed, unit: Schemas['StockUnit']) => ({
  amount: stockTyped(amount, unit) ?? 0,
  ...(supplier.trim() ? { supplier } : {}),
  ...(expectedOn ? { expectedOn } : {}),
});

/** How much was ordered, from whom, and when it is to come. */
export function OrderFields({ control, unit }: { control: Control<Typed>; unit: Schemas['StockUnit'] }) {
  return (
    <>
      <FormField
        control={control}
        name="amount"
        label={labelled('Ordered', unit)}
        inputMode="decimal"
        autoFocus
        check={notANumber}
      />
      <FormField control={control} name="supplier" label="From whom" />
      <FormField control={control} name="expectedOn" label="Expected on" type="date" />
    </>
  );
}
