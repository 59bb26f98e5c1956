import { ForWhoMay } from '../../parts/ForWhoMay';
import { manySaws } from '../../words/tags';
import { AwaitedOrder } from './AwaitedOrder';
import { CountShelf } from './CountShelf';
import { EditItem } from './EditItem';
import { GoodsIn } from './GoodsIn';
import { PlaceOrder } from './PlaceOrder';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useMoves } from '../../api/queries';
import { TallyStrip } from '../../parts/TallyStrip';
import { figures } from '../../theme';
import { dayAhead, dayOf } from '../../words/format';
import { amount, causeWords, stockWords } from '../../words/stores';

type Open = 'IN' | 'ORDER' | 'COUNT' | 'EDIT';

const OPENS: { open: Open; label: string }[] = [
  { open: 'IN', label: 'Goods in' },
  { open: 'ORDER', label: 'Order' },
  { open: 'COUNT', label: 'Count' },
  { open: 'EDIT', label: 'Edit' },
];

/** One item: what is there, what is spoken for, what is awaited, when it is gone; each act of the book has its own button. */
export function ItemLine({ item }: { item: Schemas['ItemView'] }) {
  const [open, setOpen] = useState<Open>();
  const { card, unit } = item;
  const scale = Math.max(item.shelf, card.least, 1);
  return (
    <Box component="li" sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 1 })}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr) auto', lg: '230px 84px 170px minmax(0, 1fr) auto' },
          columnGap: 2,
          rowGap: 0.5,
          alignItems: 'baseline',
        }}
      >
        <Box>
          <Box sx={{ fontWeight: 600 }}>{card.name}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            {stockWords[item.kind]}
            {fitsWords(item.fits)}
          </Box>
        </Box>
        <Box sx={{ ...figures, fontSize: 22, textAlign: 'right', whiteSpace: 'nowrap' }}>
          {amount(item.shelf, unit)}
        </Box>
        <Box sx={{ gridColumn: { xs: '1 / -1', lg: 'auto' }, overflow: 'hidden' }}>
          <TallyStrip
            used={item.shelf}
            limit={scale}
            text={`${amount(item.shelf, unit)} on the shelf, minimum ${amount(card.least, unit)}`}
          />
        </Box>
        <Box
          sx={{
            color: 'text.secondary',
            fontSize: 14,
            minWidth: 0,
            gridColumn: { xs: '1 / -1', lg: 'auto' },
          }}
        >
          {flow(item)}
          {item.onOrder.map((order) => (
            <AwaitedOrder
              key={order.id}
              off="/api/stores/orders/{orderId}/called-off"
              order={order}
              unit={unit}
              of={card.name}
            />
          ))}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, gridColumn: { xs: '1 / -1', lg: 'auto' } }}>
          <ForWhoMay write="/api/stores/items/{itemId}/received" silent>
            {OPENS.map(({ open: which, label }) => (
              <Button
                key={which}
                variant="outlined"
                size="small"
                aria-expanded={open === which}
                aria-label={`${label}: ${card.name}`}
                sx={{ px: 1.25 }}
                onClick={() => setOpen(open === which ? undefined : which)}
              >
                {label}
              </Button>
            ))}
          </ForWhoMay>
        </Box>
      </Box>
      {open && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '360px minmax(0, 1fr)' },
            gap: 3,
            py: 1.5,
          }}
        >
          {open === 'IN' && <GoodsIn item={item} onDone={() => setOpen(undefined)} />}
          {open === 'ORDER' && <PlaceOrder item={item} onDone={() => setOpen(undefined)} />}
          {open === 'COUNT' && <CountShelf item={item} />}
          {open === 'EDIT' && <EditItem item={item} onDone={() => setOpen(undefined)} />}
          <Moves item={item} />
        </Box>
      )}
    </Box>
  );
}

/** Which saws it fits; a long list is a count. */
function fitsWords(fits: string[]): string {
  if (fits.length === 0) return ', fits none of the saws';
  return `, fits ${manySaws(fits) ?? fits.join(', ')}`;
}

function flow(item: Schemas['ItemView']): string {
  const said: string[] = [];
  if (item.reserved > 0)
    said.push(`${amount(item.reserved, item.unit)} reserved for saw ${item.reservedFor.join(', ')}`);
  if (item.perMonth !== undefined) said.push(`${amount(item.perMonth, item.unit)} a month`);
  else said.push('use not known yet');
  if (item.runsOut) {
    said.push(
      `runs out about ${dayAhead(item.runsOut.likely)} (${dayAhead(item.runsOut.early)} to ${dayAhead(item.runsOut.late)}, est.)`,
    );
  }
  return said.join('; ');
}

/** What happened to an item, latest first. */
function Moves({ item }: { item: Schemas['ItemView'] }) {
  const { data: moves } = useMoves(item.id);
  return (
    <Box
      component="ul"
      aria-label={`Moves of ${item.card.name}`}
      sx={{ listStyle: 'none', p: 0, m: 0, fontSize: 14, maxHeight: 220, overflowY: 'auto' }}
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
  );
}
