import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useMoves } from '../../api/queries';
import { TallyStrip } from '../../parts/TallyStrip';
import { figures } from '../../theme';
import { dayAhead, dayOf } from '../../words/format';
import { amount, causeWords, stockWords } from '../../words/stores';
import { notANumber } from '../../words/number';
import { ProblemNote } from '../../parts/ProblemNote';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { stockSign, stockTyped } from '../../words/units';
import { FormField } from '../../parts/form/fields';

/** One item: what is there, what is spoken for, how fast it goes, when it is gone; opens to be counted or filled. */
export function ItemLine({ item }: { item: Schemas['ItemView'] }) {
  const [open, setOpen] = useState(false);
  const { card, unit } = item;
  const scale = Math.max(item.shelf, card.least, 1);
  return (
    <Box component="li" sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 1 })}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr) auto', md: '230px 74px 190px minmax(0, 1fr) auto' },
          columnGap: 2,
          rowGap: 0.5,
          alignItems: 'center',
        }}
      >
        <Box>
          <Box sx={{ fontWeight: 600 }}>{card.name}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            {stockWords[item.kind]}
            {item.fits.length > 6
              ? `, fits ${item.fits.length} saws`
              : item.fits.length > 0
                ? `, fits ${item.fits.join(', ')}`
                : ', fits none of the saws'}
          </Box>
        </Box>
        <Box sx={{ ...figures, fontSize: 22, textAlign: 'right' }}>{amount(item.shelf, unit)}</Box>
        <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' }, overflow: 'hidden' }}>
          <TallyStrip
            used={item.shelf}
            limit={scale}
            text={`${amount(item.shelf, unit)} on the shelf, minimum ${amount(card.least, unit)}`}
          />
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{flow(item)}</Box>
        <Button
          variant="outlined"
          aria-expanded={open}
          aria-label={`Count or fill: ${card.name}`}
          onClick={() => setOpen(!open)}
        >
          Count
        </Button>
      </Box>
      {open && <Book item={item} />}
    </Box>
  );
}

function flow(item: Schemas['ItemView']): string {
  const said: string[] = [];
  if (item.reserved > 0)
    said.push(`${amount(item.reserved, item.unit)} reserved for saw ${item.reservedFor.join(', ')}`);
  if (item.perMonth !== undefined) said.push(`${amount(item.perMonth, item.unit)} a month`);
  else said.push('use not known yet');
  if (item.runsOut) {
    said.push(
      `gone about ${dayAhead(item.runsOut.likely)} (${dayAhead(item.runsOut.early)} to ${dayAhead(item.runsOut.late)}, est.)`,
    );
  }
  return said.join('; ');
}

/** The moves of an item, and the two ways to put the book right. */
function Book({ item }: { item: Schemas['ItemView'] }) {
  const { data: moves } = useMoves(item.id);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '260px 260px minmax(0, 1fr)' },
        gap: 2,
        py: 1.5,
      }}
    >
      <Received item={item} />
      <Counted item={item} />
      <Box
        component="ul"
        aria-label={`Moves of ${item.card.name}`}
        sx={{ listStyle: 'none', p: 0, m: 0, fontSize: 14, maxHeight: 190, overflowY: 'auto' }}
        tabIndex={0}
      >
        {(moves ?? []).map((move, i) => (
          <li key={i}>
            {dayOf(move.at)}: {causeWords(move.cause).toLowerCase()} {move.amount > 0 ? '+' : '−'}
            {amount(Math.abs(move.amount), item.unit)}
            {move.saw && ` on saw ${move.saw}`}, {move.by}
            {move.reason && `. ${move.reason}`}
          </li>
        ))}
      </Box>
    </Box>
  );
}

function Received({ item }: { item: Schemas['ItemView'] }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items/{itemId}/received',
    params: { path: { itemId: item.id } },
    start: { amount: '' },
    body: ({ amount }) => ({ amount: stockTyped(amount, item.unit) ?? 0 }),
  });
  return (
    <form onSubmit={submit}>
      <FormField
        control={control}
        name="amount"
        label={labelled('Came in', item)}
        inputMode="decimal"
        check={notANumber}
      />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Put it on the shelf
      </Button>
    </form>
  );
}

function Counted({ item }: { item: Schemas['ItemView'] }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/stores/items/{itemId}/counted',
    params: { path: { itemId: item.id } },
    start: { amount: '', reason: '' },
    body: ({ amount, reason }) => ({ amount: stockTyped(amount, item.unit) ?? 0, reason }),
  });
  return (
    <form onSubmit={submit}>
      <FormField
        control={control}
        name="amount"
        label={labelled('Counted on the shelf', item)}
        inputMode="decimal"
        check={notANumber}
      />
      <FormField control={control} name="reason" label="Why the book was off" />
      <ProblemNote sentences={besides} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
        Correct stock
      </Button>
    </form>
  );
}

/** A field of amounts, with its unit where it has one. */
function labelled(label: string, item: Schemas['ItemView']): string {
  const sign = stockSign(item.unit);
  return sign ? `${label}, ${sign}` : label;
}
