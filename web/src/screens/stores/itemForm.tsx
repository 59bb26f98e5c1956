import Box from '@mui/material/Box';
import type { Control } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { FormField } from '../../parts/form/fields';
import { centsOf, notANumber } from '../../words/number';
import { fitsHint } from '../../words/stores';
import { priceFor, priceOf, priceShown, stockShown, stockSign, stockTyped } from '../../words/units';

/** The card of an item while it is typed. */
export interface ItemForm {
  name: string;
  fits: string;
  least: string;
  pack: string;
  price: string;
}

export const NEW_ITEM: ItemForm = { name: '', fits: '', least: '1', pack: '1', price: '' };

export function itemForm({ card, unit }: Schemas['ItemView']): ItemForm {
  return {
    name: card.name,
    fits: card.fits ?? '',
    least: stockShown(card.least, unit),
    pack: stockShown(card.pack, unit),
    price: card.costCents === undefined ? '' : priceShown(card.costCents, unit),
  };
}

/** The card as the server takes it; what was there and has no field stays. */
export function cardOf(
  typed: ItemForm,
  unit: Schemas['StockUnit'],
  before?: Schemas['Card'],
): Schemas['Card'] {
  const cents = centsOf(typed.price);
  const { leadDays } = before ?? {};
  return {
    name: typed.name,
    ...(typed.fits.trim() ? { fits: typed.fits.trim() } : {}),
    ...(leadDays === undefined ? {} : { leadDays }),
    least: stockTyped(typed.least, unit) ?? 0,
    pack: stockTyped(typed.pack, unit) ?? 0,
    ...(cents === undefined ? {} : { costCents: priceOf(cents, unit) }),
  };
}

/** A field of amounts, with its unit where it has one. */
export function labelled(label: string, unit: Schemas['StockUnit']): string {
  const sign = stockSign(unit);
  return sign ? `${label}, ${sign}` : label;
}

/** Where the server names the fields otherwise. */
export const AT = {
  name: 'card.name',
  fits: 'card.fits',
  least: 'card.least',
  pack: 'card.pack',
  price: 'card.costCents',
} as const;

/** The fields of an item, the same for a new one and for one that is edited. */
export function ItemFields<V extends ItemForm>({
  control,
  kind,
  unit,
}: {
  control: Control<V>;
  kind: Schemas['StockKind'];
  unit: Schemas['StockUnit'];
}) {
  const fields = control as unknown as Control<ItemForm>;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
        gap: 1.5,
        alignItems: 'start',
      }}
    >
      <FormField control={fields} name="name" label="Name" autoFocus />
      <FormField control={fields} name="fits" label="Fits" hint={fitsHint(kind)} />
      <FormField
        control={fields}
        name="least"
        label={labelled('Minimum', unit)}
        inputMode="decimal"
        check={notANumber}
      />
      <FormField
        control={fields}
        name="pack"
        label={labelled('In packs of', unit)}
        inputMode="decimal"
        check={notANumber}
      />
      <FormField
        control={fields}
        name="price"
        label={`Price of ${priceFor(unit)}`}
        inputMode="decimal"
        check={notANumber}
      />
    </Box>
  );
}
