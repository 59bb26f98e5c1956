import Box from '@mui/material/Box';
import { useId } from 'react';
import { useModels } from '../../api/queries';
import type { Problem } from '../../api/problem';
import { Choice } from '../../parts/Choice';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { Tick } from '../../parts/Tick';
import { words } from '../../words/en';
import type { CardForm, NumberField } from './form';
import { byGauge, inUnit, lengthSign, tankSign } from '../../words/units';
import { notNumbers } from './form';

type MeasuredField = 'adjusterLead' | 'adjusterTravel' | 'nutSize' | 'fuelTank' | 'oilTank';

interface Props {
  card: CardForm;
  problem: Problem | null;
  onChange: (changed: Partial<CardForm>) => void;
}

/** The fields of a saw's card; those of another kind of power do not appear. */
export function CardFields({ card, problem, onChange }: Props) {
  const bad = notNumbers(card);
  const measured = (field: MeasuredField, label: string, hint?: string) => (
    <Field
      label={label}
      hint={hint}
      inputMode="decimal"
      value={card[field]}
      problem={problem?.at(`saw.${field}`)}
      onChange={(value) => onChange({ [field]: value })}
    />
  );
  const figure = (field: NumberField, label: string, hint?: string) => (
    <Field
      label={label}
      hint={hint}
      inputMode="decimal"
      value={card[field]}
      problem={bad[field] ?? problem?.at(`saw.${field}`)}
      onChange={(value) => onChange({ [field]: value })}
    />
  );
  const petrol = card.power === 'PETROL';
  const { data: models } = useModels();
  const makes = useId();
  const modelNames = useId();
  const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();
  const near = (models ?? []).find(
    (m) =>
      same(m.make, card.make) &&
      same(m.model, card.model) &&
      (m.make !== card.make.trim() || m.model !== card.model.trim()),
  );
  const ofMake = (models ?? []).filter((m) => card.make === '' || m.make === card.make);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <datalist id={makes}>
        {[...new Set((models ?? []).map((m) => m.make))].map((make) => (
          <option key={make} value={make} />
        ))}
      </datalist>
      <datalist id={modelNames}>
        {ofMake.map((m) => (
          <option key={`${m.make} ${m.model}`} value={m.model} />
        ))}
      </datalist>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Field
          label="Make"
          value={card.make}
          inputProps={{ list: makes }}
          problem={problem?.at('saw.make')}
          onChange={(make) => onChange({ make })}
        />
        <Field
          label="Model"
          value={card.model}
          inputProps={{ list: modelNames }}
          hint={
            near &&
            `There is a ${near.make} ${near.model}. Write it the same, so that it counts with its sisters.`
          }
          problem={problem?.at('saw.model')}
          onChange={(model) => onChange({ model })}
        />
        <Field
          label="In service since"
          type="date"
          value={card.inService}
          problem={problem?.at('saw.inService')}
          onChange={(inService) => onChange({ inService })}
        />
        <Pick
          label="Usual work"
          value={card.usualWork}
          options={optionsOf(words.work)}
          onChange={(usualWork) => onChange({ usualWork })}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3 }}>
        <Choice
          label="Power"
          options={optionsOf(words.power)}
          value={card.power}
          onChange={(power) => onChange({ power })}
        />
        <Choice
          label="Handle"
          options={optionsOf(words.handle)}
          value={card.handle}
          onChange={(handle) => onChange({ handle })}
        />
        <Choice
          label="Chain brake"
          options={optionsOf(words.brakeSeat)}
          value={card.brakeSeat}
          onChange={(brakeSeat) => onChange({ brakeSeat })}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3 }}>
        <Choice
          label="Oiler"
          options={optionsOf(words.oiler)}
          value={card.oiler}
          onChange={(oiler) => onChange({ oiler })}
        />
        <Choice
          label="Adjuster"
          options={optionsOf(words.adjuster)}
          value={card.adjuster}
          onChange={(adjuster) => onChange({ adjuster })}
        />
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
          alignItems: 'start',
        }}
      >
        {measured(
          'adjusterLead',
          `Adjuster lead, ${lengthSign()} a turn`,
          `${byGauge(0.8)} when not known (est.)`,
        )}
        {measured('adjusterTravel', inUnit('Adjuster travel'))}
        {card.adjuster !== 'TOOL_FREE' && measured('nutSize', inUnit('Bar nuts across flats'))}
        {measured('oilTank', `Oil tank, ${tankSign()}`)}
        {petrol ? measured('fuelTank', `Fuel tank, ${tankSign()}`) : figure('volts', 'Volts')}
        {petrol && figure('displacementCc', 'Displacement, cc')}
        {petrol && figure('fuelRatio', 'Fuel to oil, parts to one')}
        {petrol && (
          <Field
            label="Plug code"
            value={card.plugCode}
            problem={problem?.at('saw.plugCode')}
            onChange={(plugCode) => onChange({ plugCode })}
          />
        )}
        <Pick
          label="Tension is read by"
          value={card.houseMethod}
          options={[{ value: '', label: 'The house method' }, ...optionsOf(words.method)]}
          onChange={(houseMethod) => onChange({ houseMethod })}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Tick
          label="Captive nuts"
          checked={card.captiveNuts}
          onChange={(captiveNuts) => onChange({ captiveNuts })}
        />
        {petrol && (
          <Tick
            label="Spark arrestor fitted"
            checked={card.sparkArrestor}
            onChange={(sparkArrestor) => onChange({ sparkArrestor })}
          />
        )}
      </Box>
    </Box>
  );
}
