import { PartTag } from '../../parts/PartTag';
import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import { useRef } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useSaw, useTensionPage, useWrite } from '../../api/queries';
import { BarDrawing } from '../../parts/BarDrawing';
import { Caution } from '../../parts/Caution';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { TensionScale } from '../../parts/TensionScale';
import { Tick } from '../../parts/Tick';
import { Heading } from '../../parts/Heading';
import { words } from '../../words/en';
import { barLength, figure } from '../../words/format';
import type { DraftReading } from './draft';
import { CONDITIONS, hasReading, inputOf, useDraft } from './draft';
import { FairLine } from './FairLine';
import { GrowthInputs } from './GrowthInputs';
import { ReadingInputs } from './ReadingInputs';
import { Taken } from './Taken';
import { usePreview } from './usePreview';
import { VerdictBar } from './VerdictBar';
import { useCommands } from '../../shell/commands';

/** A tension check: read, be told what it means, adjust, read again, save. */
export default function TensionScreen() {
  const { tag = '' } = useParams();
  const saw = useSaw(tag);
  const page = useTensionPage(tag);
  const error = saw.error ?? page.error;
  if (error && !(saw.data && page.data)) {
    return (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/">Back to the board</Link>
      </>
    );
  }
  if (!saw.data || !page.data) return <Loading />;
  if (saw.data.retiredAt || !saw.data.chain || !saw.data.bar || !saw.data.sprocket) {
    const why = saw.data.retiredAt
      ? `Saw ${tag} is retired. Its history can be read, nothing more is recorded on it.`
      : `Saw ${tag} has no complete cutting set. Fit bar, chain and sprocket first.`;
    return (
      <>
        <ProblemNote sentences={[why]} />
        <Link to={`/saws/${tag}`}>To saw {tag}</Link>
      </>
    );
  }
  return <Check saw={saw.data} page={page.data} />;
}

function Check({ saw, page }: { saw: Schemas['SawView']; page: Schemas['TensionPage'] }) {
  useAtWork();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const amends = search.get('amends') ?? undefined;
  const visitId = search.get('visit') ?? undefined;
  const { draft, setDraft, forget } = useDraft(amends ? `${saw.tag}.${amends}` : saw.tag, page);
  const { now } = draft;
  const { answer, current, error } = usePreview(saw.tag, draft.work, now);
  const save = useWrite('/api/saws/{tag}/tension-checks', { path: { tag: saw.tag } });
  const input = useRef<HTMLInputElement>(null);

  const change = (changed: Partial<DraftReading>) =>
    setDraft((d) => ({ ...d, now: { ...d.now, ...changed } }));
  const verdict = hasReading(now) ? answer?.verdict : undefined;
  const problem = hasReading(now)
    ? answer?.refusals.find((r) => r.field === 'reading.value')?.sentence
    : undefined;
  // What the hand has still to say of its reading; nobody answers for it.
  const missing = hasReading(now)
    ? answer?.refusals.find((r) => r.field !== 'reading.value')?.sentence
    : undefined;

  const readAgain = () => {
    if (!verdict || !current) return;
    const { next } = verdict;
    const turned =
      next.kind === 'TURN_IN' || next.kind === 'TURN_OUT' || next.kind === 'SLACKEN_BEFORE_COOLING';
    const size = next.turn ? next.turn.wholes + next.turn.parts / next.turn.of : 0;
    setDraft((d) => ({
      ...d,
      taken: [
        ...d.taken,
        {
          reading: d.now,
          outcome: verdict.outcome,
          provisional: verdict.provisional,
          figure: answer?.figure,
        },
      ],
      now: {
        ...d.now,
        value: '',
        tips: undefined,
        // How it moves and springs may have changed with the turn: nobody has said.
        movement: undefined,
        springsBack: undefined,
        tipsClear: false,
        turnsBefore: turned ? (next.kind === 'TURN_IN' ? size : -size) : 0,
      },
    }));
    input.current?.focus();
  };

  const saveCheck = () => {
    if (save.isPending) return;
    const readings = hasReading(now)
      ? [...draft.taken.map((t) => t.reading), now]
      : draft.taken.map((t) => t.reading);
    save.mutate(
      {
        id: draft.id,
        occasion: draft.occasion,
        work: draft.work,
        readings: readings.map(inputOf),
        ...(draft.jointPlay.trim() ? { jointPlay: draft.jointPlay } : {}),
        ...(draft.adjusterPlace.trim() ? { adjusterPlace: draft.adjusterPlace } : {}),
        ...(draft.tenLinks.trim() ? { tenLinks: draft.tenLinks } : {}),
        ...(draft.note.trim() ? { note: draft.note } : {}),
        ...(amends ? { amends, amendReason: draft.amendReason } : {}),
        ...(visitId ? { visitId } : {}),
      },
      {
        onSuccess: () => {
          forget();
          void navigate(visitId ? `/bench/${visitId}` : `/saws/${saw.tag}`);
        },
      },
    );
  };

  const settled = verdict !== undefined && current && !problem;
  const primary = settled ? (answer?.passes ? saveCheck : readAgain) : undefined;
  const allFair = () => change({ met: CONDITIONS });
  useCommands('tension', {
    fair: allFair,
    read: () => input.current?.focus(),
    first: () => primary?.(),
  });

  const label = !hasReading(now)
    ? undefined
    : answer?.figure !== undefined && !problem && now.value.trim() !== ''
      ? figure(answer.figure, now.method)
      : now.tips
        ? `tips ${words.tips[now.tips].toLowerCase()}`
        : undefined;

  return (
    <>
      <title>{`Tension, saw ${saw.tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, py: 1.5 }}>
        <TagPlate tag={saw.tag} size="large" />
        <Box>
          <Heading level={1} why={3}>
            {amends ? 'Amend a tension check' : 'Tension check'}
          </Heading>
          <Box sx={{ color: 'text.secondary' }}>
            {saw.bar &&
              `${barLength(saw.bar.lengthMm)} bar, ${words.pitch[saw.bar.pitch]} pitch, ${words.gauge[saw.bar.gauge]} gauge, ${saw.bar.driveLinks} drive links. `}
            {saw.chain && (
              <>
                Chain <PartTag tag={saw.chain.tag} linked={false} />.
              </>
            )}
          </Box>
          {visitId && <Link to={`/bench/${visitId}`}>Back to the visit</Link>}
        </Box>
      </Box>
      <Box
        // Two columns at the bench; on a phone one, in the order of the hand, with the verdict in sight all the way.
        sx={{
          display: 'flex',
          flexDirection: { xs: 'column', md: 'row' },
          columnGap: 3,
          rowGap: 1.5,
          alignItems: { xs: 'stretch', md: 'flex-start' },
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && e.ctrlKey) {
            e.preventDefault();
            saveCheck();
          }
        }}
      >
        <Box sx={{ ...column, flex: '1 1 0' }}>
          <Box sx={{ order: 1, minWidth: 0, display: 'grid', gap: 1 }}>
            <Caution>
              {words.makeSafe[saw.card.power]} Gloves on, brake off, nuts half a turn slack. Keep the nose up
              until the nuts are tight.
              {page.longBar && ' A bar this long sags by itself: read it by rail touch, or support it.'}
            </Caution>
            <BarDrawing
              method={now.method}
              figure={problem || now.value.trim() === '' || !hasReading(now) ? undefined : answer?.figure}
              tips={now.value.trim() === '' ? now.tips : undefined}
              outcome={verdict?.outcome}
              label={label}
            />
            <ReadingInputs
              draft={now}
              work={draft.work}
              house={page.house}
              target={answer?.scale.targetMm}
              problem={problem}
              inputRef={input}
              onChange={change}
              onWork={(work) => setDraft((d) => ({ ...d, work }))}
              onEnter={() => primary?.()}
              onFair={allFair}
            />
          </Box>
          <Box sx={{ order: 3, minWidth: 0 }}>
            <ProblemNote
              sentences={[error, save.error].flatMap((e) =>
                e ? e.besides(['note', 'jointPlay', 'adjusterPlace', 'tenLinks', 'amendReason']) : [],
              )}
            />
          </Box>
          <VerdictBar
            verdict={verdict}
            missing={missing}
            passes={answer?.passes ?? false}
            current={settled}
            method={now.method}
            tag={saw.tag}
            saving={save.isPending}
            onAgain={readAgain}
            onSave={saveCheck}
          />
          {answer && (
            // Below the bar: what sticks to the foot of the window would cover it.
            <Box sx={{ order: 5, minWidth: 0 }}>
              <TensionScale
                scale={answer.scale}
                house={page.house.method}
                place={hasReading(now) && !problem ? verdict?.figures.placeMm : undefined}
                work={draft.work}
              />
            </Box>
          )}
        </Box>
        <Box sx={{ ...column, flex: { md: '0 0 312px' } }}>
          <Box sx={{ order: 2, display: 'grid', gap: 1 }}>
            <FairLine met={now.met} onChange={(met) => change({ met })} onAll={allFair} />
            <Box sx={{ display: 'grid', gap: 0.75 }}>
              <Tick
                label="Tips clear of the groove without pull"
                checked={now.tipsClear}
                onChange={(tipsClear) => change({ tipsClear })}
              />
              <Tick
                label="Binds in one place"
                checked={now.tightSpot}
                onChange={(tightSpot) => change({ tightSpot })}
              />
            </Box>
          </Box>
          <Box sx={{ order: 5, display: 'grid', gap: 1.5 }}>
            <Taken taken={draft.taken} onUndo={() => setDraft((d) => undone(d))} />
            {amends && (
              <Field
                label="Why the earlier check is amended"
                value={draft.amendReason}
                onChange={(amendReason) => setDraft((d) => ({ ...d, amendReason }))}
                problem={save.error?.at('amendReason')}
              />
            )}
            <GrowthInputs
              draft={draft}
              setDraft={setDraft}
              error={save.error}
              apart={page.occasion === 'SET_WAS_APART'}
            />
            <Pick
              label="Reason for this check"
              value={draft.occasion}
              options={optionsOf(words.occasion)}
              onChange={(occasion) => setDraft((d) => ({ ...d, occasion }))}
            />
            <Field
              label="Note"
              value={draft.note}
              onChange={(note) => setDraft((d) => ({ ...d, note }))}
              problem={save.error?.at('note')}
            />
          </Box>
        </Box>
      </Box>
    </>
  );
}

/** A column at the bench; on a phone its parts join the one column of the page. */
const column = {
  display: { xs: 'contents', md: 'flex' },
  flexDirection: 'column',
  gap: 1.5,
  minWidth: 0,
} as const;

/** Takes the last reading back into the hand. */
function undone<D extends { taken: { reading: DraftReading }[]; now: DraftReading }>(draft: D): D {
  const last = draft.taken[draft.taken.length - 1];
  return last ? { ...draft, taken: draft.taken.slice(0, -1), now: last.reading } : draft;
}
