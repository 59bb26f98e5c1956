import Box from '@mui/material/Box';
import type { Schemas } from '../api/client';
import { useTakeable } from '../api/queries';
import { amount } from '../words/stores';
import { Field } from './Field';
import { stockSign, stockTyped } from '../words/units';

/** What was typed, as the server takes it; blank takes nothing. */
export function takesOf(
  takes: Record<string, string>,
  items: Schemas['Takeable'][] | undefined,
): Schemas['StockTake'][] {
  const unitOf = (itemId: string) => items?.find((item) => item.id === itemId)?.unit ?? 'PIECE';
  return Object.entries(takes)
    .filter(([, text]) => text.trim() !== '')
    .map(([itemId, text]) => ({ itemId, amount: stockTyped(text, unitOf(itemId)) as number }));
}

/** What a step took from the shelf: one field for each thing that fits this saw. */
export function TakeFields({
  tag,
  step,
  takes,
  onChange,
  problem,
}: {
  tag: string;
  step: Schemas['Step'];
  takes: Record<string, string>;
  onChange: (takes: Record<string, string>) => void;
  problem: string | undefined;
}) {
  const { data } = useTakeable(tag, step);
  if (!data || data.length === 0) return null;
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        Taken from the shelf
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 1 }}>
        {data.map((item) => (
          <Field
            key={item.id}
            label={[item.name, stockSign(item.unit)].filter(Boolean).join(', ')}
            hint={`${amount(item.shelf, item.unit)} there`}
            inputMode="decimal"
            value={takes[item.id] ?? ''}
            onChange={(text) => onChange({ ...takes, [item.id]: text })}
          />
        ))}
      </Box>
      {problem && (
        <Box role="alert" sx={{ color: 'error.main', fontSize: 14, mt: 0.5 }}>
          {problem}
        </Box>
      )}
    </Box>
  );
}
