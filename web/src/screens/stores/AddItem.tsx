import { house } from '../../words/house';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useWatch } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { FormPick } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { optionsOf } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { stockWords } from '../../words/stores';
import { AT, cardOf, ItemFields, NEW_ITEM } from './itemForm';

const BLANK = { ...NEW_ITEM, kind: 'PLUG' as Schemas['StockKind'] };

/** A new item for the book. */
export function AddItem({ onDone }: { onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items',
    params: {},
    start: BLANK,
    body: ({ kind, ...typed }) => ({ kind, card: cardOf(typed, house().stock[kind] ?? 'PIECE') }),
    at: () => AT,
    onDone,
  });
  const kind = useWatch({ control, name: 'kind' });
  return (
    <Panel title="New item">
      <form onSubmit={submit}>
        <Box sx={{ maxWidth: 260, mb: 1.5 }}>
          <FormPick control={control} name="kind" label="Kind" options={optionsOf(stockWords)} />
        </Box>
        <ItemFields control={control} kind={kind} unit={house().stock[kind] ?? 'PIECE'} />
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={!ready}>
          Add it to the book
        </Button>
      </form>
    </Panel>
  );
}
