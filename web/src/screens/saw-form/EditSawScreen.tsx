import { ForWhoMay } from '../../parts/ForWhoMay';
import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useOutWith, useSaw, useWrite } from '../../api/queries';
import { Tick } from '../../parts/Tick';
import { useWatch } from 'react-hook-form';
import { ProblemNote } from '../../parts/ProblemNote';
import { CardFields } from './CardFields';
import { differences } from './differences';
import { FitAnswer, useFitCheck } from './FitAnswer';
import { cardForm, cardInput, notNumbers, setForm, setInput } from './form';
import { SetFields } from './SetFields';
import { Sheet } from './Sheet';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField } from '../../parts/form/fields';

/** Edit a saw's card, fit another set, or retire it. */
export default function EditSawScreen() {
  useAtWork();
  const { tag = '' } = useParams();
  const saw = useSaw(tag);
  if (saw.error) {
    return (
      <>
        <ProblemNote sentences={[saw.error.message]} />
        <Link to="/">Back to the board</Link>
      </>
    );
  }
  if (!saw.data) return <Loading />;
  return <Edit saw={saw.data} />;
}

function Edit({ saw }: { saw: Schemas['SawView'] }) {
  // What was shown when editing began stays the base, even if the saw changes meanwhile.
  const [base, setBase] = useState(saw);
  return (
    <>
      <title>{`Edit saw ${saw.tag} – Yellow Tally`}</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Edit saw {saw.tag}
      </Box>
      <ForWhoMay write="/api/saws/{tag}" verb="PUT" silent>
        <CardSheet base={base} onBase={setBase} />
      </ForWhoMay>
      <SetSheet key={base.version} base={base} onBase={setBase} />
      <ForWhoMay write="/api/saws/{tag}/retirement" silent>
        <TagSheet base={base} />
        <RetireSheet base={base} />
      </ForWhoMay>
      <Button variant="outlined" component={Link} to={`/saws/${saw.tag}`}>
        Back to saw {saw.tag}
      </Button>
    </>
  );
}

interface SheetProps {
  base: Schemas['SawView'];
  onBase: (saw: Schemas['SawView']) => void;
}

function CardSheet({ base, onBase }: SheetProps) {
  const navigate = useNavigate();
  const [card, setCard] = useState(() => cardForm(base.card));
  const [writeId, setWriteId] = useState(newId);
  const save = useWrite('/api/saws/{tag}', { path: { tag: base.tag } }, 'put');
  const stale =
    save.error?.status === 409 ? (save.error.current as Schemas['SawView'] | undefined) : undefined;
  const send = (version: number) => {
    if (save.isPending || Object.keys(notNumbers(card)).length > 0) return;
    save.mutate(
      { id: writeId, version, saw: cardInput(card, base.card) },
      { onSuccess: () => void navigate(`/saws/${base.tag}`), onError: () => setWriteId(newId()) },
    );
  };
  return (
    <Sheet title="Card">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          send(base.version);
        }}
      >
        <CardFields
          card={card}
          problem={save.error}
          onChange={(changed) => setCard((c) => ({ ...c, ...changed }))}
        />
        {save.error && save.error.problems.every((p) => p.field === '') && (
          <ProblemNote sentences={[save.error.message]}>
            {stale && (
              <>
                <ul>
                  {differences(cardForm(stale.card), card).map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
                <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
                  <Button variant="contained" onClick={() => send(stale.version)}>
                    Save mine over it
                  </Button>
                  <Button
                    variant="outlined"
                    onClick={() => {
                      setCard(cardForm(stale.card));
                      onBase(stale);
                      save.reset();
                    }}
                  >
                    Keep what is there now
                  </Button>
                </Box>
              </>
            )}
          </ProblemNote>
        )}
        <Button type="submit" variant="contained" disabled={save.isPending} sx={{ mt: 2 }}>
          Save the card
        </Button>
      </form>
    </Sheet>
  );
}

function SetSheet({ base, onBase }: SheetProps) {
  const navigate = useNavigate();
  const [set, setSet] = useState(() => setForm(base));
  const [writeId, setWriteId] = useState(newId);
  const fit = useFitCheck(set, base.tag);
  const crew = useOutWith(base.tag);
  const [outThere, setOutThere] = useState(false);
  const save = useWrite('/api/saws/{tag}/fittings', { path: { tag: base.tag } });
  const problem = save.error;
  const general =
    problem?.problems.filter((p) => ['', 'set', 'outThere'].includes(p.field)).map((p) => p.sentence) ?? [];
  return (
    <Sheet title="Cutting set">
      <SetFields
        set={set}
        sawTag={base.tag}
        problemAt={(field) => problem?.at(field)}
        onChange={(changed) => setSet((s) => ({ ...s, ...changed }))}
      />
      <FitAnswer answer={fit.answer} set={set} />
      {crew !== undefined && (
        <Box sx={{ my: 1.5 }}>
          <Tick label={`Fitted out there, with ${crew}`} checked={outThere} onChange={setOutThere} />
        </Box>
      )}
      <ProblemNote sentences={problem && problem.problems.length === 0 ? [problem.message] : general} />
      <Button
        variant="outlined"
        disabled={save.isPending}
        onClick={() =>
          save.mutate(
            {
              id: writeId,
              version: base.version,
              set: setInput(set),
              ...(outThere ? { outThere } : {}),
            },
            {
              onSuccess: () => void navigate(`/saws/${base.tag}`),
              onError: (e) => {
                setWriteId(newId());
                if (e.status === 409 && e.current) onBase(e.current as Schemas['SawView']);
              },
            },
          )
        }
      >
        Fit this set
      </Button>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 1 }}>
        A set that was apart must be read before the saw may go out.
      </Box>
    </Sheet>
  );
}

function TagSheet({ base }: { base: Schemas['SawView'] }) {
  const navigate = useNavigate();
  const { control, form, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/tag',
    params: { path: { tag: base.tag } },
    start: { tag: '', reason: '' },
    body: (typed) => ({ ...typed, tag: typed.tag.trim(), version: base.version }),
    onDone: (saw) => void navigate(`/saws/${saw.tag}`),
  });
  const tag = useWatch({ control: form.control, name: 'tag' }).trim();
  return (
    <Sheet title="Tag">
      <Box component="form" onSubmit={submit} sx={{ maxWidth: 520, display: 'grid', gap: 1.5 }}>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '120px 1fr', alignItems: 'start' }}>
          <FormField control={control} name="tag" label="New tag" />
          <FormField
            control={control}
            name="reason"
            label="Why it gets another tag"
            hint={`Labels with ${base.tag} still find it; no other saw gets ${base.tag}.`}
          />
        </Box>
        <ProblemNote sentences={besides} />
        <div>
          <Button type="submit" variant="outlined" disabled={!ready || tag === ''}>
            Change the tag
          </Button>
        </div>
      </Box>
    </Sheet>
  );
}

function RetireSheet({ base }: { base: Schemas['SawView'] }) {
  const navigate = useNavigate();
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/retirement',
    params: { path: { tag: base.tag } },
    start: { reason: '' },
    body: ({ reason }) => ({ version: base.version, reason }),
    onDone: () => void navigate(`/saws/${base.tag}`),
  });
  return (
    <Sheet title="Retire">
      <Box component="form" onSubmit={submit} sx={{ maxWidth: 520, display: 'grid', gap: 1.5 }}>
        <FormField
          control={control}
          name="reason"
          label="Why it leaves the fleet"
          hint="Its history stays readable; nothing more is recorded on it. An officer can bring it back."
        />
        <ProblemNote sentences={besides} />
        <div>
          <Button type="submit" variant="outlined" disabled={!ready}>
            Retire saw {base.tag}
          </Button>
        </div>
      </Box>
    </Sheet>
  );
}
