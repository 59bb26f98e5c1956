import { PartMark } from '../../parts/PartTag';
import { Loading } from '../../parts/Loading';
import { useSome } from '../../parts/more';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useCosts } from '../../api/queries';
import { tanks } from '../../words/format';
import { costSentence, money } from '../../words/wear';

/** What a tank costs in parts and stock: each saw, and each loop over its life. */
export function Costs() {
  const { data } = useCosts();
  if (!data) return <Loading />;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: 4 }}>
      <Table
        title="Saws"
        rows={data.saws.map((s) => ({
          to: `/saws/${s.saw}`,
          name: `Saw ${s.saw}`,
          note: tanks(s.tanks, s.power),
          value: costSentence(s.cost, s.power) || 'nothing priced yet',
          order: s.cost?.cents ?? 0,
        }))}
      />
      <Table
        title="Loops"
        rows={data.loops.map((l) => ({
          to: `/parts/${l.chain}`,
          name: l.chain,
          note: `${money(l.costCents)}, ${tanks(l.tanks, l.power)}${l.saw ? `, on saw ${l.saw}` : ''}`,
          value: costSentence(l.cost, l.power) || 'hardly run',
          order: l.cost?.cents ?? 0,
        }))}
      />
    </Box>
  );
}

function Table({
  title,
  rows,
}: {
  title: string;
  rows: { to: string; name: string; note: string; value: string; order: number }[];
}) {
  const dearest = [...rows].sort((a, b) => b.order - a.order);
  const { some, more } = useSome(dearest, 15);
  return (
    <Box component="section" aria-label={title}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {title}, dearest first
      </Box>
      {some.map((row) => (
        <Box
          key={row.name}
          sx={(t) => ({
            display: 'flex',
            gap: 2,
            py: 0.5,
            borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
          })}
        >
          <Box sx={{ minWidth: 78 }}>
            <Link to={row.to}>{row.name}</Link>
            <PartMark tag={row.name} />
          </Box>
          <Box sx={{ color: 'text.secondary', flexGrow: 1 }}>{row.note}</Box>
          <Box sx={{ fontWeight: 600 }}>{row.value}</Box>
        </Box>
      ))}
      {more}
    </Box>
  );
}
