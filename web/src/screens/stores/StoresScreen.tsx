import { ForWhoMay } from '../../parts/ForWhoMay';
import { CopyList } from './CopyList';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useInsights, useStores } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { Heading } from '../../parts/Heading';
import { figures } from '../../theme';
import { partWord } from '../../words/partWord';
import { amount, itemReasons, partReasons } from '../../words/stores';
import { insightSentence } from '../../words/wear';
import { AddItem } from './AddItem';
import { AddPart } from './AddPart';
import { Costs } from './Costs';
import { Fuel } from './Fuel';
import { ItemLine } from './ItemLine';
import { PartGroups } from './PartGroups';

type View = 'SHELF' | 'PARTS' | 'FUEL' | 'COSTS';

/** What to order and why; what lies on the shelf; the parts; what a tank costs. */
export default function StoresScreen() {
  const { data, error } = useStores();
  const [view, setView] = useState<View>('SHELF');
  const [adding, setAdding] = useState(false);
  return (
    <>
      <title>Stores – Yellow Tally</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, py: 2 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0, flexGrow: 1 }}>
          Stores
        </Box>
        {(view === 'SHELF' || view === 'PARTS') && (
          <ForWhoMay write="/api/stores/items" silent>
            <Button variant="outlined" aria-expanded={adding} onClick={() => setAdding(!adding)}>
              {view === 'PARTS' ? 'Add a part' : 'Add an item'}
            </Button>
          </ForWhoMay>
        )}
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!data && !error && <Loading />}
      {data && (
        <>
          <OrderList stores={data} />
          <Box sx={{ my: 2 }}>
            <Choice<View>
              label="Show"
              value={view}
              options={[
                { value: 'SHELF', label: 'Shelf' },
                { value: 'PARTS', label: 'Loops, bars, sprockets' },
                { value: 'FUEL', label: 'Fuel' },
                { value: 'COSTS', label: 'What use costs' },
              ]}
              onChange={(to) => {
                setView(to);
                setAdding(false);
              }}
            />
          </Box>
          {adding && view === 'SHELF' && <AddItem onDone={() => setAdding(false)} />}
          {adding && view === 'PARTS' && <AddPart onDone={() => setAdding(false)} />}
          {view === 'SHELF' && (
            <>
              {data.items.length === 0 && <Quiet>Nothing in the book yet. Add the first item.</Quiet>}
              <Box component="ul" aria-label="Shelf" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                {data.items.map((item) => (
                  <ItemLine key={item.id} item={item} />
                ))}
              </Box>
            </>
          )}
          {view === 'PARTS' && <PartGroups stores={data} />}
          {view === 'FUEL' && <Fuel />}
          {view === 'COSTS' && <Costs />}
        </>
      )}
      {data && <Insights />}
    </>
  );
}

/** What to order, how much, and why. */
function OrderList({ stores }: { stores: Schemas['StoresPage'] }) {
  const lines = [
    ...stores.items
      .filter((item) => item.order)
      .map((item) => ({
        key: item.id,
        what: item.card.name,
        quantity: amount(item.order?.quantity ?? 0, item.unit),
        why: itemReasons(item),
      })),
    ...stores.parts
      .filter((group) => group.order)
      .map((group) => ({
        key: `${group.kind} ${group.spec}`,
        what: `${partWord(group.kind)} ${group.spec}`,
        quantity: amount(group.order?.quantity ?? 0, 'PIECE'),
        why: partReasons(group),
      })),
  ];
  return (
    <Box
      component="section"
      aria-label="To order"
      // The list that costs a day where it is overlooked stands out from the book below it.
      sx={(t) => ({
        background: t.vars.palette.background.paper,
        border: `1px solid ${t.vars.palette.house.hairline}`,
        borderLeft: `4px solid ${t.vars.palette.house.tag}`,
        borderRadius: '6px',
        px: 2,
        py: 1.25,
      })}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Box sx={{ flexGrow: 1 }}>
          <Heading level={2} why={14}>
            To order
          </Heading>
        </Box>
        {lines.length > 0 && (
          <>
            <CopyList text={lines.map((line) => `${line.quantity}\t${line.what}`).join('\n')} />
            <Button variant="outlined" size="small" href="/api/paper/orders.pdf" target="_blank">
              On paper
            </Button>
          </>
        )}
      </Box>
      {lines.length === 0 && <Box>Nothing. The shelf covers what is planned.</Box>}
      {lines.map((line) => (
        <Box
          key={line.key}
          sx={(t) => ({
            display: 'grid',
            gridTemplateColumns: { xs: '56px minmax(0, 1fr)', md: '64px minmax(0, 300px) minmax(0, 1fr)' },
            columnGap: 2,
            py: 0.75,
            alignItems: 'baseline',
            borderTop: `1px solid ${t.vars.palette.house.hairline}`,
          })}
        >
          <Box sx={{ ...figures, fontSize: 22, textAlign: 'right' }}>{line.quantity}</Box>
          <Box sx={{ fontWeight: 600 }}>{line.what}</Box>
          <Box sx={{ color: 'text.secondary', gridColumn: { xs: 2, md: 'auto' } }}>{line.why}</Box>
        </Box>
      ))}
    </Box>
  );
}

/** What stands out over the fleet; nothing while nothing does. */
function Insights() {
  const { data } = useInsights();
  if (!data || data.length === 0) return null;
  return (
    <Box component="section" aria-label="What stands out" sx={{ mt: 3, maxWidth: 860 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        What stands out
      </Box>
      {data.map((found) => (
        <Box key={insightSentence(found)} sx={{ py: 0.5 }}>
          {insightSentence(found)} <Link to={`/saws/${found.saw}`}>Saw {found.saw}</Link>
        </Box>
      ))}
    </Box>
  );
}
