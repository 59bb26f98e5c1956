import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useSettings } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import type { Section } from '../../parts/Why';
import { Heading } from '../../parts/Heading';
import { words } from '../../words/en';
import { Calibration } from './Calibration';
import { SettingRow } from './SettingRow';

const GROUPS: { prefix: string; title: string; section?: Section }[] = [
  { prefix: 'tension.target', title: 'Target pull-down', section: 3 },
  { prefix: 'tension.work', title: 'Next work', section: 3 },
  { prefix: 'tension.tang', title: 'Tang depth by pitch', section: 3 },
  { prefix: 'tension.ratio', title: 'Verdict of tang line, lift and snap', section: 3 },
  { prefix: 'tension.rail-touch', title: 'Rail touch', section: 3 },
  { prefix: 'tension.coin-gap', title: 'Coin gap', section: 3 },
  { prefix: 'tension.twelfth', title: 'Twelfth past touch', section: 3 },
  { prefix: 'tension.scale', title: 'Common scale', section: 3 },
  { prefix: 'tension.reading', title: 'What a reading can be', section: 3 },
  { prefix: 'tension.check', title: 'Tension check', section: 3 },
  { prefix: 'tension.recheck', title: 'New chain', section: 3 },
  { prefix: 'tension.soak', title: 'New chain, soak', section: 3 },
  { prefix: 'tension.growth', title: 'Chain growth', section: 3 },
  { prefix: 'tension.travel', title: 'Adjuster travel', section: 3 },
  { prefix: 'tension.take-up', title: 'Taking up fast', section: 3 },
  { prefix: 'tension.replace-chain', title: 'Replacing a chain', section: 3 },
  { prefix: 'tension', title: 'Tension, all else', section: 3 },
  { prefix: 'schedule.weight', title: 'What weighs more', section: 10 },
  { prefix: 'schedule', title: 'Limits and minutes of the schedule', section: 10 },
  { prefix: 'access', title: 'Opening and closing', section: 10 },
  { prefix: 'bar', title: 'Bar', section: 5 },
  { prefix: 'edge', title: 'Edge', section: 4 },
  { prefix: 'drive', title: 'Sprocket and cadence', section: 6 },
  { prefix: 'wear', title: 'Projection of wear', section: 14 },
  { prefix: 'backup', title: 'Backups' },
  { prefix: 'stores', title: 'Stores', section: 14 },
  { prefix: 'insight', title: 'What stands out', section: 14 },
  { prefix: 'brake', title: 'Brake', section: 8 },
  { prefix: 'oiling', title: 'Bar oil and leaks', section: 7 },
  { prefix: 'diagnosis', title: 'Fault finder', section: 12 },
  { prefix: 'engine', title: 'Fuel', section: 9 },
];

const CHOICE_WORDS: Record<string, string> = {
  ...words.method,
  ...words.lengthUnit,
  EACH_USE: 'At each use',
  FROM_RIM: 'From the rim too, chain off',
  NEVER: 'Never',
  HAND_AND_MACHINE: 'By hand, a machine pass now and then',
  HAND_ONLY: 'By hand only',
  MACHINE_ONLY: 'On the machine every time',
  FIXED: 'One setting for life',
  PROGRESSIVE: 'Deeper as the cutter recedes',
  MIXED: 'Mixed wood',
  SOFT: 'Soft wood',
  EVERY_SHARPENING: 'At every sharpening',
  EVERY_OTHER_SHARPENING: 'At every other sharpening',
  EACH_NEW_CHAIN: 'With each new chain',
};
const CHOICE_TITLES: Record<string, string> = {
  'house.tension-method': 'House method for tension',
  'house.length-unit': 'Lengths',
  'house.nose-grease': 'Grease for the nose',
  'house.filing': 'How edges are kept',
  'house.gauges': 'Depth gauges',
  'house.gauge-wood': 'Wood that gauges are set for',
  'house.flip': 'Turning the bar over',
};

/** The first group whose prefix fits, so that a narrower one may stand before a wider one. */
function groupOf(key: string) {
  return GROUPS.find((group) => key.startsWith(`${group.prefix}.`));
}

/** A day of the year as people say it. */
function monthDay(text: string): string {
  const [month, day] = text.split('-').map(Number);
  return new Date(2024, (month ?? 1) - 1, day ?? 1).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
  });
}

/** The fleet's own numbers and choices, each with its reason and a way back to the standard. */
export default function SettingsScreen() {
  const [scope, setScope] = useState<Schemas['Scope']>('FLEET');
  const [saw, setSaw] = useState('');
  const { data, error } = useSettings(scope, saw.trim());
  const reach = scope === 'FLEET' ? {} : { scope, scopeSaw: saw.trim() };
  return (
    <>
      <title>Settings – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Settings
      </Box>
      <Box sx={{ color: 'text.secondary', maxWidth: 720, mb: 1 }}>
        The maker’s manual for a saw always wins over these. Values marked (est.) are starting estimates. A
        change needs a reason, and is kept with who made it.
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start', mb: 1 }}>
        <Choice<Schemas['Scope']>
          label="For"
          value={scope}
          options={[
            { value: 'FLEET', label: 'The whole fleet' },
            { value: 'MODEL', label: 'All saws of one model' },
            { value: 'SAW', label: 'One saw' },
          ]}
          onChange={setScope}
        />
        {scope !== 'FLEET' && (
          <Box sx={{ width: 180 }}>
            <Field
              label={scope === 'SAW' ? 'Saw' : 'A saw of the model'}
              hint="Its tag. The narrowest value wins"
              value={saw}
              onChange={setSaw}
            />
          </Box>
        )}
      </Box>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!data && !error && (scope === 'FLEET' || saw.trim() !== '') && <Quiet>{words.loading}</Quiet>}
      {data && (
        <>
          <Box component="section">
            <Box component="h2" sx={{ typography: 'h2', mt: 2, mb: 0.5 }}>
              House
            </Box>
            {data.choices.map((choice) => (
              <SettingRow
                key={choice.key}
                settingKey={choice.key}
                title={CHOICE_TITLES[choice.key] ?? choice.key}
                why={choice.why}
                value={choice.value}
                shown={CHOICE_WORDS[choice.value] ?? choice.value}
                standard={CHOICE_WORDS[choice.standard] ?? choice.standard}
                options={choice.options.map((value) => ({ value, label: CHOICE_WORDS[value] ?? value }))}
                changed={choice.changed}
                reach={reach}
              />
            ))}
          </Box>
          {data.days.length > 0 && (
            <Box component="section">
              <Box component="h2" sx={{ typography: 'h2', mt: 3, mb: 0.5 }}>
                Seasons
              </Box>
              {data.days.map((day) => (
                <SettingRow
                  key={day.key}
                  settingKey={day.key}
                  title={day.why.replace(/\.$/, '')}
                  why="Month and day, such as 04-01. The standard is a starting estimate."
                  value={day.value}
                  shown={monthDay(day.value)}
                  standard={monthDay(day.standard)}
                  changed={day.changed}
                  reach={reach}
                />
              ))}
            </Box>
          )}
          {scope === 'FLEET' && <Calibration />}
          {GROUPS.filter((group) => data.numbers.some((n) => groupOf(n.key) === group)).map((group) => (
            <Box component="section" key={group.prefix}>
              <Box sx={{ mt: 3, mb: 0.5 }}>
                <Heading level={2} why={group.section}>
                  {group.title}
                </Heading>
              </Box>
              {data.numbers
                .filter((n) => groupOf(n.key) === group)
                .map((n) => (
                  <SettingRow
                    key={n.key}
                    settingKey={n.key}
                    title={`${n.why.replace(/\.$/, '')}${n.estimated && !n.changed ? ' (est.)' : ''}`}
                    why={`Source: ${n.source}. Takes ${n.min} to ${n.max}.`}
                    value={String(n.value)}
                    shown={`${n.value} ${UNITS[n.unit]}`}
                    standard={`${n.standard} ${UNITS[n.unit]}`}
                    changed={n.changed}
                    reach={reach}
                  />
                ))}
            </Box>
          ))}
        </>
      )}
    </>
  );
}

const UNITS = {
  MM: 'mm',
  DEGREES: '°',
  FACTOR: '×',
  PERCENT: '%',
  MINUTES: 'min',
  HOURS: 'h',
  OUTINGS: 'outings',
  TANKS: 'tanks',
  CHARGES: 'charges',
  DAYS: 'days',
  CELSIUS: '°C',
  SHARPENINGS: 'sharpenings',
  LOOPS: 'loops',
  COUNT: '',
  MILLILITRES: 'mL',
} satisfies Record<Schemas['SettingUnit'], string>;
