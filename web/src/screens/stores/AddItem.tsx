import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { fitsHint, stockWords } from '../../words/stores';
import { centsOf, numberOf } from '../../words/number';

/** A new item for the book. */
export function AddItem({ onDone }: { onDone: () => void }) {
  const { person } = usePerson();
  const [kind, setKind] = useState<Schemas['StockKind']>('PLUG');
  const [card, setCard] = useState({ name: '', fits: '', least: '1', pack: '1', price: '' });
  const write = useWrite('/api/stores/items', {});
  const send = () =>
    person &&
    write.mutate(
      {
        id: newId(),
        personId: person.id,
        kind,
        card: {
          name: card.name,
          ...(card.fits.trim() ? { fits: card.fits.trim() } : {}),
          least: numberOf(card.least) ?? 0,
          pack: numberOf(card.pack) ?? 0,
          ...(card.price.trim() ? { costCents: centsOf(card.price) } : {}),
        },
      },
      { onSuccess: onDone },
    );
  const at = (field: string) => write.error?.at(`card.${field}`);
  return (
    <Panel title="New item">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          send();
        }}
      >
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
            gap: 1.5,
            alignItems: 'start',
          }}
        >
          <Pick label="Kind" value={kind} options={optionsOf(stockWords)} onChange={setKind} />
          <Field
            label="Name"
            autoFocus
            value={card.name}
            onChange={(name) => setCard({ ...card, name })}
            problem={at('name')}
          />
          <Field
            label="Fits"
            hint={fitsHint[kind] ?? 'Make and model; empty for all'}
            value={card.fits}
            onChange={(fits) => setCard({ ...card, fits })}
            problem={at('fits')}
          />
          <Field
            label="At least"
            inputMode="decimal"
            value={card.least}
            onChange={(least) => setCard({ ...card, least })}
            problem={at('least')}
          />
          <Field
            label="In packs of"
            inputMode="decimal"
            value={card.pack}
            onChange={(pack) => setCard({ ...card, pack })}
            problem={at('pack')}
          />
          <Field
            label="Price of one"
            inputMode="decimal"
            value={card.price}
            onChange={(price) => setCard({ ...card, price })}
            problem={at('costCents')}
          />
        </Box>
        <ProblemNote
          sentences={
            write.error?.besides(['card.name', 'card.fits', 'card.least', 'card.pack', 'card.costCents']) ??
            []
          }
        />
        <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={write.isPending}>
          Add it to the book
        </Button>
      </form>
    </Panel>
  );
}
