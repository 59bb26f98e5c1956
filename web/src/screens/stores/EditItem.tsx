import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { AT, cardOf, ItemFields, itemForm } from './itemForm';

/** Name, what it fits, minimum, pack and price of an item, changed. */
export function EditItem({ item, onDone }: { item: Schemas['ItemView']; onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items',
    params: {},
    start: itemForm(item),
    body: (typed) => ({
      itemId: item.id,
      version: item.version,
      kind: item.kind,
      card: cardOf(typed, item.unit, item.card),
    }),
    at: () => AT,
    onDone,
  });
  return (
    <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.25, alignContent: 'start' }}>
      <ItemFields control={control} kind={item.kind} unit={item.unit} />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Save the item
      </Button>
    </Box>
  );
}
