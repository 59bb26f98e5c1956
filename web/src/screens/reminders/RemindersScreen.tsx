import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useReminders } from '../../api/queries';
import { Heading } from '../../parts/Heading';
import { Loading } from '../../parts/Loading';
import { FEW, useSome } from '../../parts/more';
import { PlateLine } from '../../parts/PlateLine';
import { ProblemNote } from '../../parts/ProblemNote';
import { momentOf } from '../../words/format';
import { reminderPlace, REMINDER_TITLES, reminderWords } from '../../words/reminders';

const MAILS = 5;

/** What an officer has to know before it is too late, and the mail that told it. */
export default function RemindersScreen() {
  const { data: page, error } = useReminders();
  return (
    <>
      <title>Reminders – Yellow Tally</title>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!page && !error && <Loading />}
      {page && <Filled page={page} />}
    </>
  );
}

function Filled({ page }: { page: Schemas['RemindersPage'] }) {
  const kinds = [...new Set(page.reminders.map((one) => one.kind))];
  return (
    <>
      <Box sx={{ mt: 2, mb: 1 }}>
        <Heading level={1} why={10}>
          Reminders
        </Heading>
      </Box>
      {kinds.length === 0 && <Box>Nothing presses: no booking is short, nothing is missing or overdue.</Box>}
      {kinds.map((kind) => (
        <OfKind key={kind} kind={kind} reminders={page.reminders.filter((one) => one.kind === kind)} />
      ))}
      <Outbox mails={page.mails} />
    </>
  );
}

function OfKind({
  kind,
  reminders,
}: {
  kind: Schemas['ReminderKind'];
  reminders: Schemas['ReminderView'][];
}) {
  const { some, more } = useSome(reminders, FEW);
  return (
    <Box component="section" aria-label={REMINDER_TITLES[kind]} sx={{ mb: 2 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        {REMINDER_TITLES[kind]}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {some.map((one) => (
          <Line key={`${one.about} ${one.day} ${one.what}`} reminder={one} />
        ))}
      </Box>
      {more}
    </Box>
  );
}

function Line({ reminder }: { reminder: Schemas['ReminderView'] }) {
  const place = reminderPlace(reminder);
  return (
    <Box
      component="li"
      sx={(t) => ({ maxWidth: 720, borderBottom: `1px solid ${t.vars.palette.house.hairline}` })}
    >
      <PlateLine tag={reminder.booking ? undefined : reminder.about}>
        <Box sx={{ fontSize: 16 }}>
          {reminderWords(reminder)} <Link to={place.to}>{place.name}</Link>
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {reminder.toldAt
            ? `Told by mail ${momentOf(reminder.toldAt)}`
            : 'Goes out with the next mail, within a minute'}
        </Box>
      </PlateLine>
    </Box>
  );
}

/** Mail as it stands in the folder of this installation. */
function Outbox({ mails }: { mails: Schemas['Mail'][] }) {
  const { some, more } = useSome(mails, MAILS);
  return (
    <Box component="section" aria-label="Outbox" sx={{ maxWidth: 720 }}>
      <Box component="h2" sx={{ typography: 'h3', m: 0 }}>
        Outbox
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 1 }}>
        No mail server is connected: each mail is a file in the folder “outbox” beside the records. What was
        told is not told again until it changes.
      </Box>
      {mails.length === 0 && <Box>No mail yet.</Box>}
      {some.map((mail) => (
        <Box
          key={mail.name}
          component="details"
          sx={(t) => ({
            borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
            py: 0.75,
            overflowWrap: 'anywhere',
          })}
        >
          <summary>
            {momentOf(mail.at)}: {mail.subject}
          </summary>
          <Box sx={{ whiteSpace: 'pre-wrap', pt: 1 }}>{mail.text}</Box>
        </Box>
      ))}
      {more}
    </Box>
  );
}
