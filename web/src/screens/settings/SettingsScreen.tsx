import Box from '@mui/material/Box';
import { useSettings } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { words } from '../../words/en';
import { Calibration } from './Calibration';
import { SettingRow } from './SettingRow';

const GROUPS: { prefix: string; title: string }[] = [
  { prefix: 'tension.target', title: 'Target pull-down' },
  { prefix: 'tension.work', title: 'Next work' },
  { prefix: 'tension.tang', title: 'Tang depth by pitch' },
  { prefix: 'tension.ratio', title: 'Verdict of tang line, lift and snap' },
  { prefix: 'tension.rail-touch', title: 'Rail touch' },
  { prefix: 'tension.coin-gap', title: 'Coin gap' },
  { prefix: 'tension.twelfth', title: 'Twelfth past touch' },
  { prefix: 'tension.scale', title: 'Common scale' },
  { prefix: 'tension.reading', title: 'What a reading can be' },
  { prefix: 'tension.check', title: 'Tension check' },
  { prefix: 'tension.recheck', title: 'New chain' },
  { prefix: 'tension.soak', title: 'New chain, soak' },
  { prefix: 'tension.growth', title: 'Chain growth' },
  { prefix: 'tension.travel', title: 'Adjuster travel' },
  { prefix: 'tension.take-up', title: 'Taking up fast' },
  { prefix: 'tension.replace-chain', title: 'Replacing a chain' },
];

const CHOICE_WORDS: Record<string, string> = { ...words.method, ...words.lengthUnit };
const CHOICE_TITLES: Record<string, string> = {
  'house.tension-method': 'House method for tension',
  'house.length-unit': 'Lengths',
};

/** The fleet's own numbers and choices, each with its reason and a way back to the standard. */
export default function SettingsScreen() {
  const { data, error } = useSettings();
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
      <ProblemNote sentences={error ? [error.message] : []} />
      {!data && !error && <Quiet>{words.loading}</Quiet>}
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
              />
            ))}
          </Box>
          <Calibration />
          {GROUPS.map((group) => (
            <Box component="section" key={group.prefix}>
              <Box component="h2" sx={{ typography: 'h2', mt: 3, mb: 0.5 }}>
                {group.title}
              </Box>
              {data.numbers
                .filter((n) => n.key.startsWith(`${group.prefix}.`))
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
  COUNT: '',
};
