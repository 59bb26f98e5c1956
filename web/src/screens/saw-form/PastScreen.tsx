import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { usePast, usePreviewed, useWrite } from '../../api/queries';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { Loading } from '../../parts/Loading';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { useAtWork } from '../../shell/leaving';
import { stepWords } from '../../words/bench';
import { dayOf } from '../../words/format';
import { figuresRead, pastDay, toldWords, usedWords } from '../../words/past';
import { Opened } from '../corrections/Opened';
import { emptyPast, linesInput, pastInput, tells } from './past';
import { HeldFields, PastFields } from './PastFields';
import { Sheet } from './Sheet';

/** More of a saw's past, found in a notebook after it was added; and what was told already. */
export default function PastScreen() {
  useAtWork();
  const { tag = '' } = useParams();
  const { data, error } = usePast(tag);
  if (error && !data) return <ProblemNote sentences={[error.message]} />;
  if (!data) return <Loading />;
  return (
    <>
      <title>{`Past of saw ${tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, py: 1.5 }}>
        <TagPlate tag={tag} size="large" />
        <Box sx={{ minWidth: 0 }}>
          <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
            What is known of its past
          </Box>
          <Box sx={{ color: 'text.secondary' }}>
            Everything up to {pastDay(data.until)}, when its records here begin; count tanks and sharpenings
            to that day as well. What was done since then is <Link to={`/saws/${tag}/record`}>recorded</Link>.
            What is told counts from when it was done, and proves nothing.
          </Box>
        </Box>
      </Box>
      {data.told.length > 0 && <ToldSheet page={data} />}
      {data.use && <UsedSheet page={data} use={data.use} />}
      <TellSheet page={data} />
    </>
  );
}

function ToldSheet({ page }: { page: Schemas['PastPage'] }) {
  return (
    <Sheet title="Told already">
      {page.told.map((line) => (
        <Box key={line.id} sx={{ py: 0.5 }}>
          <Box component="span" sx={{ fontWeight: 600 }}>
            {stepWords[line.step].title}
          </Box>
          {`, ${[dayOf(line.at), ...toldWords(line, page.power), ...figuresRead(line.figures)].join(', ')}`}
        </Box>
      ))}
      <Box sx={{ color: 'text.secondary', mt: 1 }}>
        What was told wrong is struck out in the <Link to={`/log?saw=${page.tag}`}>log</Link>, and told again.
      </Box>
    </Sheet>
  );
}

/** What it used before, out of a sheet; it is wrong or right as a whole. */
function UsedSheet({ page, use }: { page: Schemas['PastPage']; use: Schemas['PastUseView'] }) {
  const form = useSignedForm({
    path: '/api/saws/{tag}/past/use/strike',
    params: { path: { tag: page.tag } },
    start: { reason: '' },
    body: (typed) => typed,
  });
  return (
    <Sheet title="Used before">
      <Box>{usedWords(use, page.power)}</Box>
      <ForWhoMay write="/api/saws/{tag}/past/use/strike" silent>
        <Opened label="Strike it all out">
          {() => (
            <Box
              component="form"
              onSubmit={form.submit}
              sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}
            >
              <FormField control={form.control} name="reason" label="Why it is struck out" autoFocus />
              <Button type="submit" variant="outlined" disabled={!form.ready}>
                Strike it out
              </Button>
              <ProblemNote sentences={form.besides} />
            </Box>
          )}
        </Opened>
      </ForWhoMay>
    </Sheet>
  );
}

function TellSheet({ page }: { page: Schemas['PastPage'] }) {
  const navigate = useNavigate();
  const [id, setId] = useState(newId);
  const [past, setPast] = useState(emptyPast);
  const told = usePreviewed(
    '/api/saws/{tag}/past/preview',
    { path: { tag: page.tag } },
    { lines: linesInput(past) },
  );
  const tell = useWrite('/api/saws/{tag}/past', { path: { tag: page.tag } });
  const save = () => {
    if (tell.isPending || !tells(past)) return;
    tell.mutate(
      { id, past: pastInput(past) },
      {
        onSuccess: () => void navigate(`/saws/${page.tag}`),
        onError: () => setId(newId()),
      },
    );
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <Sheet title="As it stands in the notebook">
        <PastFields
          power={page.power}
          past={past}
          answer={told.answer}
          problem={tell.error}
          onChange={setPast}
        />
        <HeldFields
          past={past}
          problem={tell.error}
          hint="Empty where nobody knows of anything."
          onChange={setPast}
        />
      </Sheet>
      <ProblemNote
        sentences={
          tell.error
            ? tell.error.problems.length === 0
              ? [tell.error.message]
              : ['Some lines need another look; each is marked above. Nothing was saved yet.']
            : []
        }
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Button type="submit" variant="contained" disabled={tell.isPending || !tells(past)}>
          Tell it of saw {page.tag}
        </Button>
        <Button variant="outlined" component={Link} to={`/saws/${page.tag}`}>
          Back to saw {page.tag}
        </Button>
      </Box>
    </form>
  );
}
