import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { useCans, useMix } from '../../api/queries';
import { Caution } from '../../parts/Caution';
import { FormField, FormPick } from '../../parts/form/fields';
import { useSigned } from '../../shell/signed';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { StateMark } from '../../parts/StateMark';
import { optionsOf } from '../../parts/Field';
import { canSentence, fuelUnitWords, mixSentence } from '../../words/fuel';
import { canOf, tank } from '../../words/units';
import { house } from '../../words/house';
import { notANumber, numberOf } from '../../words/number';

const blank = () => ({ name: '', amount: '5', unit: house().volumeUnit, ratio: '50', mixedOn: '' });

/** The mix for any amount, and the cans: what is in them, since when, and whether it may still be filled. */
export function Fuel() {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Mix />
      <Cans />
    </Box>
  );
}

/** How much oil goes in, as it is typed; written down it is a can with a date. */
function Mix() {
  const [sent, setSent] = useState(0);
  return <MixForm key={sent} onDone={() => setSent(sent + 1)} />;
}

function MixForm({ onDone }: { onDone: () => void }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/fuel/cans',
    params: {},
    start: blank(),
    body: ({ name, amount, unit, ratio, mixedOn }) => ({
      name,
      amount: numberOf(amount) ?? 0,
      unit,
      ratio: Math.round(numberOf(ratio) ?? 0),
      ...(mixedOn ? { mixedOn } : {}),
    }),
    onDone,
  });
  const [amount, unit, ratio] = useWatch({ control, name: ['amount', 'unit', 'ratio'] });
  const figures = { amount: numberOf(amount), ratio: numberOf(ratio) };
  const asked =
    figures.amount && figures.ratio && figures.amount > 0 && figures.ratio > 0
      ? { amount: figures.amount, unit, ratio: Math.round(figures.ratio) }
      : undefined;
  const { data: mix, error } = useMix(asked);
  return (
    <Panel title="Mix fuel">
      <Caution>No open fuel near sparks. Engine cold, outside. The ratio is the maker’s.</Caution>
      <form onSubmit={submit}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(110px, 1fr))',
            gap: 1.5,
            alignItems: 'start',
            mt: 1.5,
          }}
        >
          <FormField
            control={control}
            name="amount"
            label="How much fuel"
            inputMode="decimal"
            check={notANumber}
          />
          <FormPick control={control} name="unit" label="Unit" options={optionsOf(fuelUnitWords)} />
          <FormField
            control={control}
            name="ratio"
            label="Ratio, to 1"
            inputMode="numeric"
            check={notANumber}
          />
        </Box>
        <Box
          aria-live="polite"
          aria-label="Oil"
          role="status"
          sx={{ typography: 'h2', my: 1.5, minHeight: 32 }}
        >
          {asked && mix ? mixSentence(mix, unit) : ''}
        </Box>
        <ProblemNote sentences={asked && error ? [error.message] : []} />
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))',
            gap: 1.5,
            alignItems: 'start',
          }}
        >
          <FormField control={control} name="name" label="Can" hint="As marked on it" />
          <FormField control={control} name="mixedOn" label="Mixed on" type="date" hint="Empty: today" />
        </Box>
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="contained" sx={{ mt: 1.5 }} disabled={!ready}>
          Record the mix
        </Button>
      </form>
    </Panel>
  );
}

function Cans() {
  const { data } = useCans();
  if (!data) return null;
  return (
    <Panel title="Cans with fuel in them">
      {data.length === 0 && <Quiet>None. Record what is mixed, and its age is tracked.</Quiet>}
      <Box component="ul" aria-label="Cans" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {data.map((can) => (
          <CanLine key={can.id} can={can} />
        ))}
      </Box>
    </Panel>
  );
}

function CanLine({ can }: { can: Schemas['CanView'] }) {
  const empty = useSigned('/api/fuel/cans/{canId}/empty', { path: { canId: can.id } });
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        gap: 1,
        alignItems: 'center',
        py: 1,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
        overflowWrap: 'anywhere',
      })}
    >
      <Box>
        <StateMark state={can.age.old ? 'HELD' : 'FIT'}>{can.name}</StateMark>
        <Box>{canSentence(can)}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {canOf(can.fuelMl)} with {tank(can.oilMl)} of oil, {can.by}
        </Box>
        <ProblemNote sentences={empty.error ? [empty.error.message] : []} />
      </Box>
      <Button
        variant="outlined"
        disabled={!empty.ready}
        aria-label={`Can ${can.name} is empty`}
        onClick={() => empty.send({})}
      >
        Empty
      </Button>
    </Box>
  );
}
