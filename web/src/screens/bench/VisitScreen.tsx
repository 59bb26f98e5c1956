import { PartTag } from '../../parts/PartTag';
import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useVisit } from '../../api/queries';
import { Key } from '../../parts/Key';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { figures } from '../../theme';
import { words } from '../../words/en';
import { barLength, momentOf, rounded } from '../../words/format';
import { AddStep } from './AddStep';
import { EndVisit } from './EndVisit';
import { Findings } from './Findings';
import { StepCard } from './StepCard';
import { StepList } from './StepList';
import { COMMANDS, useCommands } from '../../shell/commands';
import { useSigned } from '../../shell/signed';
import { CorrectVisit } from '../corrections/CorrectVisit';

/** One saw on the bench, the whole visit: steps left, the step in the middle, findings right. */
export default function VisitScreen() {
  const { visitId = '' } = useParams();
  const { data: visit, error } = useVisit(visitId);
  if (!visit) {
    return error ? (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/bench">Back to the bench</Link>
      </>
    ) : (
      <Loading />
    );
  }
  // A look that failed in between takes nothing from under the hand.
  return (
    <>
      <ProblemNote sentences={error ? [error.message] : []} />
      {visit.struck ? (
        <StruckNote visit={visit} struck={visit.struck} />
      ) : (
        <Filled key={visit.id} visit={visit} />
      )}
    </>
  );
}

/** Where the hand is: a step, or the end. */
type Place = Schemas['Step'] | 'END';

/** The visit was put right meanwhile: what was done stands elsewhere, or nowhere. */
function StruckNote({ visit, struck }: { visit: Schemas['VisitPage']; struck: Schemas['StruckVisit'] }) {
  return (
    <>
      <title>{`Bench, saw ${visit.tag} – Yellow Tally`}</title>
      <Head visit={visit} />
      <ProblemNote
        sentences={[
          `${struck.by} struck this visit out, ${momentOf(struck.at)}: ${struck.reason}.`,
          struck.instead
            ? 'What was done is on the right saw now.'
            : 'Its records stay readable in the log and no longer count.',
        ]}
      >
        <Box sx={{ mt: 1 }}>
          {struck.instead ? (
            <Link to={`/bench/${struck.instead}`}>Go on there</Link>
          ) : (
            <Link to={`/saws/${visit.tag}`}>To saw {visit.tag}</Link>
          )}
        </Box>
      </ProblemNote>
    </>
  );
}

function Filled({ visit }: { visit: Schemas['VisitPage'] }) {
  useAtWork(!visit.ended);
  const firstOpen = visit.steps.find((s) => !s.record)?.step;
  const [chosen, setChosen] = useState<Place | undefined>();
  const place: Place = visit.ended ? 'END' : (chosen ?? firstOpen ?? 'END');
  const index = visit.steps.findIndex((s) => s.step === place);
  const step = index < 0 ? undefined : visit.steps[index];
  const { undo, error } = useUndo(visit.id, () => setChosen(undefined));
  const back = () => {
    const before = index < 0 ? visit.steps[visit.steps.length - 1] : visit.steps[index - 1];
    if (before) setChosen(before.step);
  };
  useCommands('bench', { back, undo });
  useEffect(() => {
    window.scrollTo({ top: 0 });
  }, [place]);
  return (
    <>
      <title>{`Bench, saw ${visit.tag} – Yellow Tally`}</title>
      <Head visit={visit} />
      {visit.others.length > 0 && (
        <ProblemNote
          sentences={[
            `${visit.others.join(' and ')} has this visit open on another device. What they save appears here.`,
          ]}
        />
      )}
      <ProblemNote sentences={error ? [error.message] : []} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: '236px minmax(0, 1fr) 236px' },
          gap: { xs: 2, md: 3 },
          alignItems: 'start',
        }}
      >
        <Box sx={{ order: { xs: 2, md: 1 }, fontSize: 14 }}>
          <StepList
            saw={visit.saw.profile}
            steps={visit.steps}
            current={place === 'END' ? undefined : place}
            onChoose={(chosenStep) => setChosen(chosenStep)}
          />
          {!visit.ended && (
            <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
              <Button variant={place === 'END' ? 'contained' : 'outlined'} onClick={() => setChosen('END')}>
                End of the visit
              </Button>
              <Button variant="outlined" onClick={undo}>
                Take the last entry back
                <Key of={COMMANDS.bench.keys.undo} />
              </Button>
              <AddStep visit={visit} onAdded={(added) => setChosen(added)} />
            </Box>
          )}
          <Box sx={{ mt: 1 }}>
            <CorrectVisit visitId={visit.id} label="This is another saw" />
          </Box>
        </Box>
        <Box id="visit-step" sx={{ order: { xs: 1, md: 2 }, minWidth: 0 }}>
          {step && !visit.ended ? (
            <StepCard
              key={`${step.step} ${step.record?.id ?? ''}`}
              visit={visit}
              step={step}
              number={index + 1}
              onDone={() => setChosen(nextOf(visit, index))}
            />
          ) : (
            <EndVisit visit={visit} onGo={setChosen} />
          )}
        </Box>
        <Box
          sx={(t) => ({
            order: 3,
            fontSize: 14,
            background: t.vars.palette.background.paper,
            border: `1px solid ${t.vars.palette.house.hairline}`,
            borderRadius: '8px',
            p: 2,
          })}
        >
          <Findings visit={visit} />
        </Box>
      </Box>
    </>
  );
}

/** The next open step after this one, then those left before it; the server's own order decides once it has answered. */
function nextOf(visit: Schemas['VisitPage'], index: number): Place | undefined {
  const open = (s: Schemas['StepView'], i: number) => !s.record && i !== index;
  const after = visit.steps.find((s, i) => i > index && open(s, i));
  const before = visit.steps.find((s, i) => i < index && open(s, i));
  // Findings may open steps in between: nothing chosen lets the first open one stand.
  return before ? after?.step : undefined;
}

function Head({ visit }: { visit: Schemas['VisitPage'] }) {
  const done = visit.steps.filter((s) => s.record).length;
  const saw = visit.saw;
  return (
    <Box
      sx={(t) => ({
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        py: 1.25,
        mb: 2,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
      })}
    >
      <TagPlate tag={visit.tag} size="large" />
      <Box sx={{ flexGrow: 1, minWidth: 0 }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          Bench service
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {[
            `${saw.make} ${saw.model}`,
            saw.barLengthMm ? `${barLength(saw.barLengthMm)} bar` : 'no bar',
            saw.profile.pitch ? `${words.pitch[saw.profile.pitch]} pitch` : '',
            saw.driveLinks ? `${saw.driveLinks} drive links` : '',
          ]
            .filter(Boolean)
            .join(', ')}
          {saw.chain && (
            <>
              , chain <PartTag tag={saw.chain} linked={false} />
            </>
          )}
          <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
            . Begun {momentOf(visit.startedAt)} by {visit.startedBy}
          </Box>
        </Box>
      </Box>
      <Box sx={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
        <Box sx={{ ...figures, fontSize: 22 }}>
          {rounded(visit.minutesDone, 0)} of {rounded(visit.minutes, 0)} min
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {done} of {visit.steps.length} steps
        </Box>
      </Box>
    </Box>
  );
}

function useUndo(visitId: string, onDone: () => void) {
  const { send, error } = useSigned('/api/visits/{visitId}/undo', { path: { visitId } });
  return { undo: () => send({}, { onSuccess: onDone }), error };
}
