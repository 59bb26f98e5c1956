import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { TallyStrip } from '../../parts/TallyStrip';
import { Heading } from '../../parts/Heading';
import { dayAhead, dayOf, minutes, rounded } from '../../words/format';
import { stepWords } from '../../words/bench';
import { countWords, eventWords, familyWords, stageWords, taskWords, units } from '../../words/schedule';

const LOOKED_AT_FIRST = 4;

/** Every task of the saw by family: what is used up, why, when it will be due. */
export function SchedulePanel({ schedule }: { schedule: Schemas['SchedulePage'] }) {
  const families = (Object.keys(familyWords) as Schemas['Family'][]).filter((family) =>
    schedule.tasks.some((t) => t.family === family),
  );
  return (
    <Box component="section" aria-labelledby="schedule" sx={{ mt: 3 }}>
      <Heading level={2} id="schedule" why={10}>
        Schedule
      </Heading>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 0.5 }}>
        Dates are estimates from recent use, with the earliest and latest they may fall.
        {schedule.minutes > 0 && ` A visit now takes about ${minutes(schedule.minutes)}.`}
        {schedule.rideAlongs.length > 0 &&
          ` Worth doing in the same visit: ${schedule.rideAlongs.map((r) => `${taskWords[r.task].toLowerCase()}, saves ${rounded(r.savedMinutes, 0)} min`).join('; ')}.`}
      </Box>
      <UnknownPast schedule={schedule} />
      {families.map((family) => (
        <Box key={family} sx={{ mt: 1.25 }}>
          <Box component="h3" sx={{ fontSize: 14, fontWeight: 600, color: 'text.secondary', m: 0 }}>
            {familyWords[family]}
          </Box>
          {schedule.tasks
            .filter((t) => t.family === family)
            .map((task) => (
              <TaskLine key={task.task} task={task} power={schedule.power} />
            ))}
        </Box>
      ))}
    </Box>
  );
}

function TaskLine({ task, power }: { task: Schemas['TaskView']; power: Schemas['Power'] }) {
  const binding = task.limits.find((limit) => limit.key === task.binding) ?? task.limits[0];
  if (!binding) return null;
  return (
    <Box
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr auto', sm: '200px 92px minmax(0, 1fr) 200px' },
        columnGap: 1.5,
        alignItems: 'center',
        py: 0.6,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
      })}
    >
      <Box sx={{ fontWeight: task.due ? 600 : 400 }}>
        {taskWords[task.task]}
        <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5, fontWeight: 400 }}>
          {' '}
          {minutes(task.minutes)}, {stageWords[task.stage]}
        </Box>
      </Box>
      {task.unknown ? (
        <Box sx={{ fontSize: 13.5 }}>Unknown</Box>
      ) : (
        <TallyStrip
          used={binding.counted}
          limit={binding.limit}
          text={`${taskWords[task.task]}: ${countWords(binding, power)}`}
          most={10}
        />
      )}
      <Box sx={{ fontSize: 13.5, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        {task.events.length > 0 && `At once: ${task.events.map((e) => eventWords[e]).join(', ')}. `}
        {task.unknown
          ? `${pastUnknown(task)}Usual: ${task.limits.map((limit) => units(limit.limit, limit.unit, power)).join(' or ')}`
          : task.limits.map((limit) => countWords(limit, power)).join('; or ')}
      </Box>
      <Box sx={{ fontSize: 13.5, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <Box sx={{ fontWeight: task.due ? 600 : 400 }}>{dueWords(task)}</Box>
        <Box sx={{ color: 'text.secondary' }}>
          {task.lastDone ? `${task.told ? 'told, ' : ''}done ${dayOf(task.lastDone)}` : 'never recorded'}
        </Box>
      </Box>
    </Box>
  );
}

/** Why nobody can say how far it is. */
function pastUnknown(task: Schemas['TaskView']): string {
  if (task.events.length > 0) return '';
  return task.told ? 'Nobody knows what it has seen since. ' : 'No record of its past. ';
}

/** A saw with an unknown past: what nobody knows is said, and what the next visit proposes for it. */
function UnknownPast({ schedule }: { schedule: Schemas['SchedulePage'] }) {
  if (!schedule.tasks.some((t) => t.unknown)) return null;
  const looks = schedule.plan
    .filter((p) => p.why === 'PAST_UNKNOWN')
    .map((p) => stepWords[p.step].title.toLowerCase());
  const first = looks.slice(0, LOOKED_AT_FIRST).join('; ');
  const more = looks.length > LOOKED_AT_FIRST ? ` and ${looks.length - LOOKED_AT_FIRST} more` : '';
  return (
    <Box sx={{ mb: 0.5 }}>
      Not all of what was before its first entry here is known.
      {looks.length > 0 && ` Its next visit proposes a first look: ${first}${more}.`}
      <ForWhoMay write="/api/saws/{tag}/past" silent>
        {' '}
        <Link to={`/saws/${schedule.tag}/past`}>Tell what is known of its past</Link>
      </ForWhoMay>
    </Box>
  );
}

function dueWords(task: Schemas['TaskView']): string {
  if (task.due) return 'due now';
  if (task.unknown) return 'no date';
  const expected = task.expected;
  if (!expected) return 'no date yet';
  const likely = dayAhead(expected.likely);
  return expected.early === expected.late
    ? `due ${likely}`
    : `due ${likely} (${dayAhead(expected.early)} to ${dayAhead(expected.late)})`;
}
