import { PartMark } from '../../parts/PartTag';
import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import { Panel } from '../../parts/Panel';
import { LoopMap } from '../../parts/LoopMap';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useSharpening } from '../../api/queries';
import { Caution } from '../../parts/Caution';
import { Key } from '../../parts/Key';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { Heading } from '../../parts/Heading';
import { balanceSentence, rateSentence } from '../../words/edge';
import { words } from '../../words/en';
import { dayOf, rounded } from '../../words/format';
import { Vice } from './Vice';
import { COMMANDS, useCommands } from '../../shell/commands';
import { byCaliper, byGauge, byRule } from '../../words/units';
import { useSigned } from '../../shell/signed';

/** The loop in the vice: measure, plan, file, measure again. */
export default function SharpenScreen() {
  useAtWork();
  const { tag = '' } = useParams();
  const [search] = useSearchParams();
  const visitId = search.get('visit') ?? undefined;
  const { data: page, error } = useSharpening(tag);
  if (!page) {
    return error ? (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to={`/saws/${tag}`}>To saw {tag}</Link>
      </>
    ) : (
      <Loading />
    );
  }
  return (
    <>
      <title>{`Sharpen, saw ${tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2, py: 1.25 }}>
        <TagPlate tag={tag} size="large" />
        <Box sx={{ flexGrow: 1 }}>
          <Heading level={1} why={4}>
            Sharpen loop {page.chain}
            <PartMark tag={page.chain} />
          </Heading>
          <Box sx={{ color: 'text.secondary' }}>
            {words.pitch[page.pitch]}, {page.cutters} cutters. Round file {byRule(page.file.fileMm)}, angle{' '}
            {rounded(page.file.angleDegrees, 0)}°
            {page.file.downTiltDegrees > 0 && `, handle ${rounded(page.file.downTiltDegrees, 0)}° down`}. New{' '}
            {byGauge(page.known.newMm)}
            {page.known.newKnown ? '' : ' (est.)'}, mark {byGauge(page.known.markMm)}.
          </Box>
        </Box>
        {page.life && (
          <Box sx={{ textAlign: { sm: 'right' } }}>
            <Box sx={{ fontWeight: 600 }}>{rounded(page.life.percentLeft, 0)} % left</Box>
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{sharpeningsLeft(page.life)}</Box>
          </Box>
        )}
      </Box>
      {page.open ? (
        <Vice page={page} open={page.open} visitId={visitId} />
      ) : (
        <Begin page={page} visitId={visitId} />
      )}
    </>
  );
}

function sharpeningsLeft(life: Schemas['EdgeLife']): string {
  const left = life.sharpeningsLeft;
  if (!left) return 'Too few readings to say for how long';
  const high = Number.isFinite(left.high) ? ` to ${rounded(left.high, 0)}` : '';
  return `about ${rounded(left.likely, 0)} sharpenings (${rounded(left.low, 0)}${high}, est.)`;
}

function Begin({ page, visitId }: { page: Schemas['SharpeningPage']; visitId: string | undefined }) {
  const write = useSigned('/api/saws/{tag}/sharpening', { path: { tag: page.tag } });
  const begin = () => write.send(visitId ? { visitId } : {});
  useCommands('vice', { next: begin });
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 560px)' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Caution>
          Eye protection for filing, gloves near cutters. Loop clamped, brake on, plug lead off or battery
          out.
        </Caution>
        <Box sx={{ fontSize: 17 }}>
          Mark the start cutter: the dullest or the shortest. Four lengths make a plan, the shortest and the
          longest of each side; the whole loop makes a better one.
        </Box>
        <Box sx={{ color: 'text.secondary' }}>The file takes {rateSentence(page.rate)}</Box>
        <ProblemNote sentences={write.error ? [write.error.message] : []} />
        <Box>
          <Button variant="contained" disabled={!write.ready} onClick={begin}>
            Put the loop in the vice
            <Key of={COMMANDS.vice.keys.next} />
          </Button>
        </Box>
        <Past page={page} />
      </Box>
      <LastMapped page={page} />
    </Box>
  );
}

/** The loop as it was mapped last, so that the hand knows before it begins what lies there. */
function LastMapped({ page }: { page: Schemas['SharpeningPage'] }) {
  const last = page.past[0];
  if (!page.lastMapped || !last) {
    return <Quiet>This loop has never been mapped. What is measured now is drawn here next time.</Quiet>;
  }
  const after = page.lastMapped.some((place) => place.afterMm !== undefined);
  return (
    <Panel title={`As mapped ${dayOf(last.at)}${after ? ', after filing' : ''}`}>
      <LoopMap
        places={page.lastMapped}
        after={after}
        shortest={undefined}
        outliers={[]}
        current={undefined}
        onChoose={() => undefined}
      />
    </Panel>
  );
}

function Past({ page }: { page: Schemas['SharpeningPage'] }) {
  return (
    <>
      {page.past.length > 0 && (
        <Box component="section" aria-label="Mapped before">
          <Box component="h2" sx={{ typography: 'h2', mt: 2, mb: 0.5 }}>
            Mapped before
          </Box>
          {page.past.map((past) => (
            <Box
              key={past.at}
              sx={(t) => ({ py: 0.75, borderBottom: `1px solid ${t.vars.palette.house.hairline}` })}
            >
              <strong>{dayOf(past.at)}</strong> by {past.by}: {past.measured} cutters, {past.strokes} strokes.{' '}
              {past.before && balanceSentence(past.before)}
              {past.after && ` After: ${byCaliper(Math.abs(past.after.differenceMm))} apart.`}
            </Box>
          ))}
        </Box>
      )}
    </>
  );
}
