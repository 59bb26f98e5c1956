import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { PartTags } from '../../parts/PartTag';
import { dayAhead } from '../../words/format';
import { partWord } from '../../words/partWord';
import { manySaws } from '../../words/tags';
import { wearWords } from '../../words/wear';
import { GiveParts } from '../parts/away/GiveParts';
import { AwaitedOrder } from './AwaitedOrder';
import { OrderParts } from './OrderParts';
import { PartsIn } from './PartsIn';

interface Props {
  group: Schemas['PartGroup'];
  /** For each order, tags that are free for what comes. */
  nextTags: Schemas['StoresPage']['nextTags'];
}

/** Parts that can take each other's place: what lies there, what is spoken for, what wears out, what is awaited. */
export function PartLine({ group, nextTags }: Props) {
  const [ordering, setOrdering] = useState(false);
  const [giving, setGiving] = useState(false);
  const [came, setCame] = useState<string>();
  const name = `${partWord(group.kind)} ${group.spec}`;
  const arriving = group.onOrder.find((order) => order.id === came);
  return (
    <Box component="li" sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 1 })}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: '270px minmax(0, 1fr) minmax(0, 1.2fr) auto',
          },
          columnGap: 2,
          rowGap: 0.5,
        }}
      >
        <Box>
          <Box sx={{ fontWeight: 600 }}>{name}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{onSaws(group.fits)}</Box>
        </Box>
        <Box>
          {group.shelf.length === 0 ? 'None on the shelf' : 'On the shelf: '}
          <PartTags tags={group.shelf} />
          <Away title="Away, counted on" parts={group.away.filter((part) => part.comes)} />
          <Away title="Away, not counted on" parts={group.away.filter((part) => !part.comes)} />
          {group.condemned.length > 0 && (
            <Box sx={{ color: 'error.main' }}>
              Condemned: <PartTags tags={group.condemned} marked={false} />
            </Box>
          )}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {group.reserved.length > 0 && <Box>Waiting work {onSaws(group.reserved)} takes one.</Box>}
          {group.wearing.map((w) => (
            <Box key={w.part}>
              <Link to={`/parts/${w.part}`}>{w.part}</Link> on saw {w.saw}: {wearWords[w.kind].toLowerCase()},
              worn out about {dayAhead(w.date.likely)} (est.)
            </Box>
          ))}
          {group.onOrder.map((order) => (
            <AwaitedOrder
              key={order.id}
              off="/api/stores/part-orders/{orderId}/called-off"
              order={order}
              unit="PIECE"
              of={name}
            >
              <Button
                variant="text"
                size="small"
                aria-expanded={came === order.id}
                aria-label={`Came in: ${name}`}
                sx={{ p: 0, minWidth: 0, minHeight: 28, mr: 1.5 }}
                onClick={() => setCame(came === order.id ? undefined : order.id)}
              >
                Came in
              </Button>
            </AwaitedOrder>
          ))}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignContent: 'start' }}>
          <ForWhoMay write="/api/stores/parts/{tag}/orders" silent>
            <Button
              variant="outlined"
              size="small"
              aria-expanded={ordering}
              aria-label={`Order: ${name}`}
              sx={{ px: 1.25 }}
              onClick={() => setOrdering(!ordering)}
            >
              Order
            </Button>
          </ForWhoMay>
          {group.shelf.length > 0 && (
            <ForWhoMay write="/api/parts-away" silent>
              <Button
                variant="text"
                size="small"
                aria-expanded={giving}
                aria-label={`Give away: ${name}`}
                sx={{ px: 1.25 }}
                onClick={() => setGiving(!giving)}
              >
                Give away
              </Button>
            </ForWhoMay>
          )}
        </Box>
      </Box>
      {(ordering || arriving || giving) && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3, py: 1.5, '& > *': { flex: '0 1 360px' } }}>
          {arriving && (
            <PartsIn
              key={arriving.id}
              order={arriving}
              nextTags={nextTags[arriving.id] ?? []}
              onDone={() => setCame(undefined)}
            />
          )}
          {giving && <GiveParts tags={group.shelf} onDone={() => setGiving(false)} />}
          {ordering && <OrderParts group={group} onDone={() => setOrdering(false)} />}
        </Box>
      )}
    </Box>
  );
}

/** Who has them and until when stands above all sorts. */
function Away({ title, parts }: { title: string; parts: Schemas['AwayPart'][] }) {
  return parts.length === 0 ? null : (
    <Box sx={{ color: 'text.secondary' }}>
      {title}: <PartTags tags={parts.map((part) => part.part)} marked={false} />
    </Box>
  );
}

function onSaws(tags: string[]): string {
  return tags.length === 0 ? 'on no saw' : `on ${manySaws(tags) ?? `saw ${tags.join(', ')}`}`;
}
