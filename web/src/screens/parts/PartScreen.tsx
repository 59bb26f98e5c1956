import { ForWhoMay } from '../../parts/ForWhoMay';
import { PartMark, PartTag } from '../../parts/PartTag';
import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePart, usePartAway } from '../../api/queries';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { WearChart } from '../../parts/WearChart';
import { words } from '../../words/en';
import { barLength, dayOf, rounded, tanks } from '../../words/format';
import { partWord } from '../../words/partWord';
import { costSentence, money } from '../../words/wear';
import { centsOf, notANumber } from '../../words/number';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField } from '../../parts/form/fields';
import { awayLine } from '../../words/away';
import { PartTimes } from './away/PartTimes';
import { LoopFigures } from './LoopFigures';

/** One part: what it is, where it has been, how it wears, what it costs, and its end. */
export default function PartScreen() {
  const { tag = '' } = useParams();
  const { data: part, error } = usePart(tag);
  const { data: times } = usePartAway(tag);
  if (!part) {
    return error ? (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/stores">To the stores</Link>
      </>
    ) : (
      <Loading />
    );
  }
  const gone = times?.find((time) => time.back === undefined);
  const onSaw = part.chain?.onSaw ?? part.bar?.onSaw ?? part.sprocket?.onSaw;
  return (
    <>
      <title>{`${part.tag} – Yellow Tally`}</title>
      <Box component="h1" sx={{ typography: 'h1', mt: 2, mb: 0.5 }}>
        {partWord(part.kind)} {part.tag}
        <PartMark tag={part.tag} />
      </Box>
      <Box sx={{ color: 'text.secondary', mb: 2 }}>
        {describe(part)}. {tanks(part.tanks, part.power)} so far.{' '}
        {onSaw ? (
          <>
            On saw <Link to={`/saws/${onSaw}`}>{onSaw}</Link>.
          </>
        ) : part.retiredAt ? (
          `Retired ${dayOf(part.retiredAt)} by ${part.retiredBy ?? 'somebody'}: ${part.retiredReason ?? ''}`
        ) : gone ? (
          `${awayLine(gone)}.`
        ) : (
          `On the shelf${times?.some((time) => time.unseen) ? ', not looked at since it is back' : ''}.`
        )}
      </Box>
      {part.condemned && (
        <ProblemNote sentences={[`${part.tag} is condemned: it must not be fitted again. Retire it.`]} />
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 320px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, minWidth: 0 }}>
          <Panel title="Where it has been">
            {part.stays.length === 0 && 'Never fitted.'}
            {part.stays.map((stay) => (
              <Box key={stay.from} sx={{ py: 0.5 }}>
                <strong>
                  Saw <Link to={`/saws/${stay.saw}`}>{stay.saw}</Link>
                </strong>
                : {dayOf(stay.from)} to {stay.until ? dayOf(stay.until) : 'now'},{' '}
                {tanks(stay.tanks, part.power)}
                {stay.sprocket && stay.loop !== undefined && (
                  <>
                    {`, loop ${stay.loop} of ${stay.loops ?? stay.loop} on `}
                    <PartTag tag={stay.sprocket} />
                  </>
                )}
              </Box>
            ))}
          </Panel>
          {part.wear.length > 0 && (
            <Panel title="Wear">
              <Box
                sx={{
                  display: 'grid',
                  gridTemplateColumns: 'repeat(auto-fit, minmax(min(280px, 100%), 1fr))',
                  gap: 2,
                }}
              >
                {part.wear.map((w) => (
                  <WearChart key={w.kind} wear={w} power={part.power} />
                ))}
              </Box>
              {part.edge && <Box sx={{ mt: 1 }}>Edge: {rounded(part.edge.percentLeft, 0)} % left.</Box>}
            </Panel>
          )}
        </Box>
        <Box sx={{ display: 'grid', gap: 2 }}>
          {times && (
            <PartTimes tag={part.tag} times={times} onShelf={!onSaw && !part.retiredAt && !part.condemned} />
          )}
          <ForWhoMay write="/api/parts/{tag}/retire" silent>
            {part.chain && <LoopFigures key={part.figures.length} part={part} chain={part.chain} />}
            <Price part={part} />
            {!part.retiredAt && !onSaw && !gone && (
              <End
                part={part}
                path="/api/parts/{tag}/retire"
                why="Why it is retired"
                act={`Retire ${part.tag}`}
              />
            )}
            {part.retiredAt && (
              <End
                part={part}
                path="/api/parts/{tag}/retire/undo"
                why="Why it comes back"
                act={`Bring ${part.tag} back`}
              />
            )}
          </ForWhoMay>
          <Changes part={part} />
        </Box>
      </Box>
    </>
  );
}

function describe(part: Schemas['PartPage']): string {
  const { chain, bar, sprocket } = part;
  if (chain)
    return `${words.pitch[chain.pitch]}, ${words.gauge[chain.gauge]}, ${chain.driveLinks} drive links`;
  if (bar)
    return `${barLength(bar.lengthMm)}, ${words.pitch[bar.pitch]}, ${words.gauge[bar.gauge]}, ${bar.driveLinks} drive links`;
  return sprocket
    ? `${words.sprocketKind[sprocket.kind]}, ${sprocket.teeth} teeth, ${words.pitch[sprocket.pitch]}`
    : '';
}

function Price({ part }: { part: Schemas['PartPage'] }) {
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/parts/{tag}/price',
    params: { path: { tag: part.tag } },
    start: { costCents: '' },
    body: ({ costCents }) => (costCents.trim() ? { costCents: centsOf(costCents) } : undefined),
  });
  return (
    <Panel title="Cost">
      <Box sx={{ mb: 1 }}>
        {part.costCents === undefined ? 'No price yet.' : `It cost ${money(part.costCents)}.`}{' '}
        {part.cost && `${costSentence(part.cost, part.power)} over its life.`}
      </Box>
      <form onSubmit={submit}>
        <FormField control={control} name="costCents" label="Price" inputMode="decimal" check={notANumber} />
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
          Set the price
        </Button>
      </form>
    </Panel>
  );
}

/** Ends its life, or takes that back. */
function End({
  part,
  path,
  why,
  act,
}: {
  part: Schemas['PartPage'];
  path: '/api/parts/{tag}/retire' | '/api/parts/{tag}/retire/undo';
  why: string;
  act: string;
}) {
  const { control, submit, ready, besides } = useSignedForm({
    path,
    params: { path: { tag: part.tag } },
    start: { reason: '' },
    body: (typed) => typed,
  });
  return (
    <Panel title="Its end">
      <form onSubmit={submit}>
        <FormField control={control} name="reason" label={why} />
        <ProblemNote sentences={besides} />
        <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1 }} disabled={!ready}>
          {act}
        </Button>
      </form>
    </Panel>
  );
}

/** It was retired and brought back: who, when and why. */
function Changes({ part }: { part: Schemas['PartPage'] }) {
  if (part.changes.length < 2) return null;
  return (
    <Panel title="Retired and back">
      {part.changes.map((change) => (
        <Box key={change.at} sx={{ fontSize: 14, overflowWrap: 'anywhere' }}>
          {`${change.change === 'RETIRED' ? 'Retired' : 'Brought back'} ${dayOf(change.at)} by ${change.by ?? 'somebody'}: ${change.reason}`}
        </Box>
      ))}
    </Panel>
  );
}
