import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useAway, useOutWith, useSaw, useSchedule, useTensionPage, useFaultsOfSaw } from '../../api/queries';
import { GrowthChart } from '../../parts/GrowthChart';
import { Key } from '../../parts/Key';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { TallyStrip } from '../../parts/TallyStrip';
import { useStartVisit } from '../bench/StartVisit';
import { words } from '../../words/en';
import { BURNED, barLength, capital, dayOf, rounded, tanks } from '../../words/format';
import { workReason, workTitle } from '../../words/work';
import { AwayNow } from './away/AwayNow';
import { GiveAway } from './away/GiveAway';
import { GrowthWords } from './GrowthWords';
import { DoubtedFigures } from './DoubtedFigures';
import { HoldPanel } from './HoldPanel';
import { HoldForm } from './HoldForm';
import { SawHistory } from './SawHistory';
import { RetiredPanel } from './RetiredPanel';
import { SawFaults } from './SawFaults';
import { SawPapers } from './SawPapers';
import { SchedulePanel } from './SchedulePanel';
import { SetPanel } from './SetPanel';
import { TensionLog } from './TensionLog';
import { WearPanel } from './WearPanel';
import { COMMANDS, useCommands } from '../../shell/commands';

/** One saw: its plate, what waits, what is fitted, how its chain grows, and its readable history. */
export default function SawScreen() {
  const { tag = '' } = useParams();
  const navigate = useNavigate();
  const saw = useSaw(tag);
  const tension = useTensionPage(tag);
  const error = saw.error ?? tension.error;
  const ready = saw.data && tension.data && saw.data.retiredAt === undefined;
  const schedule = useSchedule(tag, ready === true);
  const faults = useFaultsOfSaw(tag);
  const away = useAway(tag, ready === true);
  const visit = useStartVisit(tag);
  const toBench = async () => {
    // A quick hand is not told to wait until the schedule has come: it is waited for here.
    const page = schedule.data ?? (await schedule.refetch()).data;
    if (page?.visitId) void navigate(`/bench/${page.visitId}`);
    else if (page) visit.start();
  };
  useCommands('saw', {
    tension: () => ready && void navigate(`/saws/${tag}/tension`),
    edit: () => ready && void navigate(`/saws/${tag}/edit`),
    record: () => ready && void navigate(`/saws/${tag}/record`),
    sharpen: () => ready && void navigate(`/saws/${tag}/sharpen`),
    complaint: () => ready && void navigate(`/faults/new?saw=${tag}`),
    oiling: () => ready && void navigate(`/saws/${tag}/oiling`),
    visit: () => void toBench(),
  });
  if (error && !(saw.data && tension.data)) {
    return (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/">Back to the board</Link>
      </>
    );
  }
  // In one piece: what comes a moment later would push what is being read out of its place.
  const whole = !ready || !(schedule.isPending || faults.isPending || away.isPending);
  if (!saw.data || !tension.data || !whole) return <Loading />;
  return (
    <>
      <ProblemNote sentences={visit.error ? [visit.error.message] : []} />
      <Filled
        saw={saw.data}
        tension={tension.data}
        schedule={schedule.data}
        away={away.data}
        onBench={() => void toBench()}
      />
    </>
  );
}

function Filled({
  saw,
  tension,
  schedule,
  away,
  onBench,
}: {
  saw: Schemas['SawView'];
  tension: Schemas['TensionPage'];
  schedule: Schemas['SchedulePage'] | undefined;
  away: Schemas['AwayPage'] | undefined;
  onBench: () => void;
}) {
  const crew = useOutWith(saw.tag);
  const who = away?.now?.who;
  const here = crew === undefined && who === undefined;
  const retired = saw.retiredAt !== undefined;
  const card = saw.card;
  return (
    <>
      <title>{`Saw ${saw.tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2, py: 2 }}>
        <TagPlate tag={saw.tag} size="large" />
        <Box sx={{ flexGrow: 1 }}>
          <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
            {card.make} {card.model}
          </Box>
          <Box sx={{ color: 'text.secondary' }}>
            {[
              words.power[card.power],
              words.handle[card.handle].toLowerCase(),
              card.displacementCc ? `${card.displacementCc} cc` : card.volts ? `${card.volts} V` : '',
              saw.bar ? `${barLength(saw.bar.lengthMm)} bar` : 'no bar',
              `in service since ${dayOf(card.inService)}`,
              saw.formerTags.length > 0 ? `once ${saw.formerTags.join(', ')}` : '',
            ]
              .filter(Boolean)
              .join(', ')}
          </Box>
        </Box>
        {tension.state && <StateMark state={tension.state}>{stateWords(tension.state, crew, who)}</StateMark>}
        {!retired && (
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, width: '100%' }}>
            <Button variant="contained" disabled={!here} onClick={onBench}>
              {schedule?.visitId ? 'Go on with the visit' : 'Start visit'}
              <Key of={COMMANDS.saw.keys.visit} />
            </Button>
            {here && tension.state !== 'HELD' && (
              <Button variant="outlined" component={Link} to={`/crews?out=${saw.tag}`}>
                Issue
              </Button>
            )}
            {QUIETER.map(({ command, label, to }) => (
              <Button key={command} variant="text" component={Link} to={to(saw.tag)} sx={{ px: 1 }}>
                {label}
                <Key of={COMMANDS.saw.keys[command]} />
              </Button>
            ))}
          </Box>
        )}
      </Box>
      <Sections />
      {retired && <RetiredPanel saw={saw} />}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 340px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          {away?.now && (
            <Box sx={{ mb: 2.5 }}>
              <AwayNow tag={saw.tag} power={card.power} page={away} view={away.now} />
            </Box>
          )}
          <div id="waits" />
          {schedule?.state === 'HELD' && (
            <HoldPanel
              tag={saw.tag}
              power={saw.card.power}
              holds={schedule.holds}
              work={schedule.work}
              needs={schedule.needs}
              mayRelease={schedule.mayRelease}
            />
          )}
          {schedule && <DoubtedFigures tag={saw.tag} doubted={schedule.doubted} />}
          {!retired && <Waiting tension={tension} held={schedule?.state === 'HELD'} power={saw.card.power} />}
          {!retired && <SawFaults tag={saw.tag} />}
          <div id="schedule" />
          {schedule && <SchedulePanel schedule={schedule} />}
          <div id="wear" />
          {!retired && <WearPanel tag={saw.tag} power={saw.card.power} />}
          <div id="growth" />
          {tension.growth && (
            <Box component="section" sx={{ mt: 3 }}>
              <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
                Growth of chain {saw.chain?.tag}
              </Box>
              <GrowthChart growth={tension.growth} />
              <GrowthWords tension={tension} power={saw.card.power} />
            </Box>
          )}
          <div id="history" />
          <SawHistory tag={saw.tag} />
          <div id="readings" />
          <TensionLog tension={tension} />
        </Box>
        <Box id="set" sx={{ display: 'grid', gap: 2 }}>
          <SetPanel saw={saw} />
          <div className="on-screen">
            <SawPapers tag={saw.tag} retired={retired} />
          </div>
          {away && !away.now && (
            <ForWhoMay write="/api/saws/{tag}/away" silent>
              <GiveAway
                key={away.faults.map((fault) => fault.id).join()}
                tag={saw.tag}
                page={away}
                out={!here || schedule?.visitId !== undefined}
              />
            </ForWhoMay>
          )}
          {schedule && (
            <ForWhoMay write="/api/saws/{tag}/holds" silent>
              <HoldForm tag={saw.tag} steps={schedule.quick} />
            </ForWhoMay>
          )}
        </Box>
      </Box>
    </>
  );
}

/** What else is done with a saw, quieter than the next step. */
const QUIETER = [
  { command: 'tension', label: 'Check tension', to: (tag: string) => `/saws/${tag}/tension` },
  { command: 'record', label: 'Record a task', to: (tag: string) => `/saws/${tag}/record` },
  { command: 'sharpen', label: 'Sharpen', to: (tag: string) => `/saws/${tag}/sharpen` },
  { command: 'complaint', label: 'Complaint', to: (tag: string) => `/faults/new?saw=${tag}` },
  { command: 'oiling', label: 'Oiling', to: (tag: string) => `/saws/${tag}/oiling` },
  { command: 'edit', label: 'Edit', to: (tag: string) => `/saws/${tag}/edit` },
] as const;

/** The parts of the page in their order: the page of a saw with a year behind it is long. */
const SECTIONS = [
  { id: 'waits', title: 'What waits' },
  { id: 'schedule', title: 'Schedule' },
  { id: 'wear', title: 'Wear' },
  { id: 'growth', title: 'Chain growth' },
  { id: 'history', title: 'History' },
  { id: 'readings', title: 'Tension readings' },
  { id: 'set', title: 'Set and card' },
] as const;

function Sections() {
  return (
    <Box
      component="nav"
      aria-label="On this page"
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, rowGap: 0.5, mb: 2, fontSize: 15 }}
    >
      {SECTIONS.map(({ id, title }) => (
        <a key={id} href={`#${id}`}>
          {title}
        </a>
      ))}
    </Box>
  );
}

function stateWords(state: Schemas['FitState'], crew: string | undefined, who: string | undefined): string {
  if (who) return `Away with ${who}`;
  return crew ? `${words.state[state]}, out with ${crew}` : words.state[state];
}

function Waiting({
  tension,
  held,
  power,
}: {
  tension: Schemas['TensionPage'];
  held: boolean;
  power: Schemas['Power'];
}) {
  const since = tension.sincePass;
  // What is only near its limit stands in the schedule below, what holds it in the hold above.
  const waits = tension.work.filter((work) => work.what !== 'TASK_SOON' && !(held && work.state === 'HELD'));
  return (
    <Box component="section">
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        What waits
      </Box>
      {waits.length === 0 && <Box>{held ? 'Only what holds it.' : 'Nothing. It may go out.'}</Box>}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3 }}>
        {waits.map((work, i) => (
          <Box key={i} sx={{ py: 0.5 }}>
            <StateMark state={work.state}>{workTitle(work, power)}</StateMark>
            <Box sx={{ color: 'text.secondary', fontSize: 14, pl: 2.75 }}>{workReason(work, power)}</Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 4, mt: 1.5, flexWrap: 'wrap' }}>
        <Box>
          <Box sx={{ fontSize: 13, color: 'text.secondary', fontWeight: 600, mb: 0.5 }}>
            {capital(BURNED[power])}s since the last good reading
          </Box>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <TallyStrip
              used={since.tanks}
              limit={tension.limits.tanks}
              text={`${tanks(since.tanks, power)} used, limit ${tanks(tension.limits.tanks, power)}`}
            />
            <span aria-hidden>
              {rounded(since.tanks, 1)} of {tanks(tension.limits.tanks, power)}
            </span>
          </Box>
        </Box>
        {tension.newChain && tension.rechecksDone < 3 && (
          <Box>
            <Box sx={{ fontSize: 13, color: 'text.secondary', fontWeight: 600, mb: 0.5 }}>
              Rechecks of the new chain
            </Box>
            <TallyStrip
              used={tension.rechecksDone}
              limit={3}
              text={`${tension.rechecksDone} of 3 rechecks done`}
            />
          </Box>
        )}
      </Box>
    </Box>
  );
}
