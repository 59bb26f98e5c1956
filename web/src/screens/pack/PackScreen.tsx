import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePack, usePacks } from '../../api/packs';
import { Caution } from '../../parts/Caution';
import { Choice } from '../../parts/Choice';
import { Heading } from '../../parts/Heading';
import { Loading } from '../../parts/Loading';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { TallyStrip } from '../../parts/TallyStrip';
import { useMay } from '../../shell/person';
import { useSigned } from '../../shell/signed';
import { PACK_GROUPS, packAmount, packMissing, packStands, packThing } from '../../words/pack';
import { away } from '../../words/plan';
import { leavesThen } from '../../words/planned';
import { CansWith } from './CansWith';
import { PackEntry } from './PackEntry';

const TICKS = '/api/packs/{bookingId}/ticks';

/** What a gang takes along, ticked off while it is packed; that of the gang that leaves next where none is named. */
export default function PackScreen() {
  const { booking } = useParams();
  const { data: packs, error } = usePacks();
  const shown = booking ?? packs?.find((pack) => pack.lines > 0)?.booking;
  return (
    <>
      <title>Day pack – Yellow Tally</title>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!packs && !error && <Loading />}
      {packs && shown === undefined && <None />}
      {packs && shown !== undefined && <OfOne key={shown} booking={shown} packs={packs} />}
    </>
  );
}

function None() {
  return (
    <>
      <Box sx={{ mt: 2, mb: 1 }}>
        <Heading level={1} why={10}>
          Day pack
        </Heading>
      </Box>
      <Quiet>
        No gang with saws leaves in the days of the plan. <Link to="/plan">To the plan</Link>
      </Quiet>
    </>
  );
}

function OfOne({ booking, packs }: { booking: string; packs: Schemas['PackInShort'][] }) {
  const { data: pack, error } = usePack(booking);
  return (
    <>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!pack && !error && <Loading />}
      {pack && <Filled pack={pack} others={packs} />}
    </>
  );
}

function Filled({ pack, others }: { pack: Schemas['PackPage']; others: Schemas['PackInShort'][] }) {
  const go = useNavigate();
  const choice = others.filter((one) => one.lines > 0 || one.booking === pack.booking);
  const may = useMay(TICKS, 'POST');
  const ticked = pack.lines.filter((one) => one.ticked?.enough).length;
  const missing = pack.lines.filter(({ line }) => packMissing(line) !== undefined).length;
  const stands = packStands({ lines: pack.lines.length, ticked, missing });
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5, mt: 2, mb: 1 }}>
        <Heading level={1} why={10}>
          Day pack
        </Heading>
        <Box sx={{ fontSize: 17 }}>
          {pack.crew}, {leavesThen(pack)}, {away(pack)}
        </Box>
        <Box component="nav" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          <a href={`/api/paper/pack.pdf?booking=${pack.booking}`} target="_blank" rel="noreferrer">
            Print it
          </a>
          <Link to="/plan">To the plan</Link>
        </Box>
      </Box>
      {choice.length > 1 && (
        <Box sx={{ mb: 1.5 }}>
          <Choice
            label="Gang"
            options={choice.map((one) => ({ value: one.booking, label: `${one.crew}, ${leavesThen(one)}` }))}
            value={pack.booking}
            onChange={(booking) => void go(`/packs/${booking}`)}
          />
        </Box>
      )}
      <Gone pack={pack} />
      {pack.lines.length === 0 ? (
        <Quiet>No saw is known yet: the plan gives this booking none, or it lies after its days.</Quiet>
      ) : (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 1 }}>
            <TallyStrip used={ticked} limit={pack.lines.length} text={stands} most={30} />
            <Box role="status">{stands}</Box>
          </Box>
          <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 1.5, maxWidth: 720 }}>
            Amounts are estimates from what these saws used on their last outings, with a reserve. A saw that
            is ticked off is packed, not given out: that is done on “Out and back”.
          </Box>
          <Box sx={{ maxWidth: 720, mb: 1.5 }}>
            <Caution>
              Protective clothing for everybody. Fuel in marked cans with their caps shut, away from sparks.
              Guards on the bars.
            </Caution>
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: 2.5,
              gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 380px), 1fr))',
              alignItems: 'start',
            }}
          >
            {PACK_GROUPS.map(({ title, kinds }) => {
              const entries = pack.lines.filter(({ line }) => kinds.includes(line.kind));
              return (
                entries.length > 0 && (
                  <Box component="section" aria-label={title} key={title}>
                    <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
                      {title}
                    </Box>
                    {entries.map((entry) => (
                      <PackEntry
                        key={`${entry.line.kind} ${entry.line.name}`}
                        booking={pack.booking}
                        entry={entry}
                        may={may}
                      />
                    ))}
                    <CansWith lines={entries.map(({ line }) => line)} />
                  </Box>
                )
              );
            })}
          </Box>
        </>
      )}
    </>
  );
}

/** What went in and is not wanted any more. */
function Gone({ pack }: { pack: Schemas['PackPage'] }) {
  if (pack.gone.length === 0) return null;
  return (
    <Box sx={{ maxWidth: 720, mb: 2 }}>
      <Panel title="Take out again">
        <Box sx={{ mb: 0.5 }}>The saws or the shelf have changed since these went in.</Box>
        {pack.gone.map((one) => (
          <GoneLine key={`${one.kind} ${one.name}`} booking={pack.booking} one={one} />
        ))}
      </Panel>
    </Box>
  );
}

function GoneLine({ booking, one }: { booking: string; one: Schemas['GoneEntry'] }) {
  const { send, ready, error } = useSigned(TICKS, { path: { bookingId: booking } });
  const may = useMay(TICKS, 'POST');
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
      {packThing(one)}, {packAmount(one.kind, one.amount)}
      {may && (
        <Button
          variant="outlined"
          size="small"
          disabled={!ready}
          aria-label={`${packThing(one)} is out`}
          onClick={() => send({ kind: one.kind, name: one.name, amount: 0 })}
        >
          It is out
        </Button>
      )}
      <ProblemNote sentences={error ? [error.message] : []} />
    </Box>
  );
}
