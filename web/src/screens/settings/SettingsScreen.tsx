import { useMay } from '../../shell/person';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import type { ComponentProps } from 'react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useSettings } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { Tick } from '../../parts/Tick';
import { Heading } from '../../parts/Heading';
import { words } from '../../words/en';
import { countsAs } from '../../words/taken';
import { settingFigure, typedSetting } from '../../words/units';
import type { Room } from './rooms';
import { HOUSE, placeOf, ROOMS } from './rooms';
import { Calibration } from './Calibration';
import { SettingRow } from './SettingRow';

const CHOICE_WORDS: Record<string, string> = {
  ...words.method,
  ...words.lengthUnit,
  ...words.volumeUnit,
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
  NONE: 'None: bare figures',
  EVERY_SHARPENING: 'At every sharpening',
  EVERY_OTHER_SHARPENING: 'At every other sharpening',
  EACH_NEW_CHAIN: 'With each new chain',
};
const CHOICE_TITLES: Record<string, string> = {
  'house.tension-method': 'House method for tension',
  'house.length-unit': 'Lengths',
  'house.volume-unit': 'Volumes',
  'house.currency': 'Currency',
  'house.nose-grease': 'Grease for the nose',
  'house.filing': 'How edges are kept',
  'house.gauges': 'Depth gauges',
  'house.gauge-wood': 'Wood that gauges are set for',
  'house.flip': 'Turning the bar over',
};

/** A day of the year as people say it. */
function monthDay(text: string): string {
  const [month, day] = text.split('-').map(Number);
  return new Date(2024, (month ?? 1) - 1, day ?? 1).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
  });
}

/** The fleet's own numbers and choices, each with its reason and a way back to the standard; a room at a time, or what is searched. */
export default function SettingsScreen() {
  const [scope, setScope] = useState<Schemas['Scope']>('FLEET');
  const [saw, setSaw] = useState('');
  const { data, error } = useSettings(scope, saw.trim());
  const may = useMay('/api/settings/changes');
  const reach = scope === 'FLEET' ? {} : { scope, scopeSaw: saw.trim() };
  return (
    <>
      <title>Settings – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Settings
      </Box>
      <Box sx={{ color: 'text.secondary', maxWidth: 720, mb: 1 }}>
        The maker’s manual for a saw always wins over these. Values marked (est.) are starting estimates. A
        change needs a reason, and is kept with who made it.{' '}
        {may ? <Link to="/people">People, crews and devices</Link> : <b>Officers change the settings.</b>}
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
      {!data && !error && (scope === 'FLEET' || saw.trim() !== '') && <Loading />}
      {data && <Rooms data={data} reach={reach} fleet={scope === 'FLEET'} />}
    </>
  );
}

type Reach = { scope?: Schemas['Scope']; scopeSaw?: string };

function Rooms({ data, reach, fleet }: { data: Schemas['SettingsView']; reach: Reach; fleet: boolean }) {
  const [search] = useSearchParams();
  const [text, setText] = useState('');
  const [changedOnly, setChangedOnly] = useState(false);
  const wanted = text.trim().toLowerCase();
  const looking = wanted !== '' || changedOnly;
  const chosen = ROOMS.find((room) => room.id === search.get('room')) ?? ROOMS[0];
  const rows = rowsOf(data).filter(
    (row) =>
      (looking || row.room.id === chosen?.id) &&
      (!changedOnly || row.otherwise || row.props.changed !== undefined) &&
      (wanted === '' || `${row.props.title} ${row.group} ${row.room.title}`.toLowerCase().includes(wanted)),
  );
  const groups = [...new Set(rows.map((row) => row.group))];
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '210px minmax(0, 1fr)' },
        columnGap: 4,
        rowGap: 1,
        alignItems: 'start',
      }}
    >
      <Box component="search" sx={{ display: 'grid', gap: 1.5, position: { md: 'sticky' }, top: { md: 12 } }}>
        <Field label="Find a setting" value={text} onChange={setText} placeholder="groove, minutes, nose" />
        <Tick label="Changed only" checked={changedOnly} onChange={setChangedOnly} />
        <Box
          component="nav"
          aria-label="Rooms of the settings"
          sx={{ display: 'flex', flexDirection: { xs: 'row', md: 'column' }, flexWrap: 'wrap', columnGap: 2 }}
        >
          {ROOMS.filter((room) => room.id === HOUSE || rowsOf(data).some((row) => row.room === room)).map(
            (room) => (
              <Box
                key={room.id}
                component={Link}
                to={`?room=${room.id}`}
                replace
                aria-current={!looking && room === chosen ? 'page' : undefined}
                onClick={() => {
                  setText('');
                  setChangedOnly(false);
                }}
                sx={{ py: 0.5, '&[aria-current]': { fontWeight: 700 } }}
              >
                {room.title}
              </Box>
            ),
          )}
        </Box>
      </Box>
      <Box sx={{ minWidth: 0 }}>
        {groups.map((group) => (
          <Box component="section" key={group} sx={{ mb: 3 }}>
            <Heading level={2} why={rows.find((row) => row.group === group)?.room.section}>
              {group}
            </Heading>
            {rows
              .filter((row) => row.group === group)
              .map((row) => (
                <SettingRow key={row.props.settingKey} {...row.props} reach={reach} />
              ))}
          </Box>
        ))}
        {rows.length === 0 && (
          <Quiet>
            {changedOnly && wanted === '' ? 'No setting has been changed.' : 'No setting matches.'}
          </Quiet>
        )}
        {!looking && fleet && chosen?.id === HOUSE && (
          <ForWhoMay write="/api/calibrations" silent>
            <Calibration />
          </ForWhoMay>
        )}
      </Box>
    </Box>
  );
}

interface SettingOf {
  room: Room;
  group: string;
  /** Whether it counts otherwise than people set it. */
  otherwise?: boolean;
  props: Omit<ComponentProps<typeof SettingRow>, 'reach'>;
}

/** Every setting in the order of its rooms, ready to be shown. */
function rowsOf(data: Schemas['SettingsView']): SettingOf[] {
  const house = ROOMS.find((room) => room.id === HOUSE);
  if (!house) return [];
  const numbers = data.numbers.map((n): SettingOf => {
    const { room, group } = placeOf(n.key);
    return { room, group: group.title, otherwise: n.taken !== undefined, props: ofNumber(n) };
  });
  return [
    ...data.choices.map((choice) => ({ room: house, group: 'House', props: ofChoice(choice) })),
    ...data.days.map((day) => ({ room: house, group: 'Seasons', props: ofDay(day) })),
    ...ROOMS.flatMap((room) =>
      room.groups.flatMap(({ title }) => numbers.filter((row) => row.room === room && row.group === title)),
    ),
  ];
}

function ofChoice(choice: Schemas['ChoiceView']): SettingOf['props'] {
  return {
    settingKey: choice.key,
    title: CHOICE_TITLES[choice.key] ?? choice.key,
    why: choice.why,
    value: choice.value,
    shown: CHOICE_WORDS[choice.value] ?? choice.value,
    standard: CHOICE_WORDS[choice.standard] ?? choice.standard,
    options: choice.options.map((value) => ({ value, label: CHOICE_WORDS[value] ?? value })),
    changed: choice.changed,
  };
}

function ofDay(day: Schemas['DayView']): SettingOf['props'] {
  return {
    settingKey: day.key,
    title: day.why.replace(/\.$/, ''),
    why: 'Month and day, such as 04-01. The standard is a starting estimate.',
    value: day.value,
    shown: monthDay(day.value),
    standard: monthDay(day.standard),
    changed: day.changed,
  };
}

function ofNumber(n: Schemas['NumberView']): SettingOf['props'] {
  return {
    settingKey: n.key,
    title: `${n.why.replace(/\.$/, '')}${n.estimated && !n.changed ? ' (est.)' : ''}`,
    why: `Allowed: ${n.allowed}.${n.taken ? countsAs(n.taken) : ''}`,
    value: typedSetting(n.value, n.unit),
    shown: settingFigure(n.value, n.unit),
    standard: settingFigure(n.standard, n.unit),
    changed: n.changed,
  };
}
