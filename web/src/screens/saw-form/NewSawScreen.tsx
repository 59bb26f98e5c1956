import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SyntheticEvent } from 'react';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import type { Problem } from '../../api/problem';
import { useNewSaw, usePreviewed, useSawList, useWrite } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field, Pick } from '../../parts/Field';
import { Key } from '../../parts/Key';
import { Loading } from '../../parts/Loading';
import { ProblemNote } from '../../parts/ProblemNote';
import { COMMANDS } from '../../shell/commands';
import { CardFields } from './CardFields';
import { CardLine } from './CardLine';
import { FitAnswer, useFitCheck } from './FitAnswer';
import type { SetForm } from './form';
import { cardForm, cardInput, emptyCard, newSet, notNumbers, setInput } from './form';
import { emptyPast, linesInput, pastInput, tells } from './past';
import { HeldFields, intoLines, PastFields } from './PastFields';
import { SetFields } from './SetFields';
import { ChainAge, SetLine } from './SetLine';
import { Sheet } from './Sheet';

/**
 * A new saw, or one that is brought in with a past: card, cutting set and past are stored in one piece or not at all. The next one
 * is offered like another, with the tags that come next.
 */
export default function NewSawScreen() {
  useAtWork();
  const [asked] = useSearchParams();
  const like = asked.get('like') ?? '';
  const added = asked.get('added') ?? '';
  const offer = useNewSaw(like);
  return (
    <>
      <title>Add a saw – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Add a saw
      </Box>
      {added !== '' && <Added tag={added} />}
      {offer.error && (
        <ProblemNote sentences={[offer.error.message]}>
          <Link to="/saws/new">Add one like none</Link>
        </ProblemNote>
      )}
      {/* The tags of an offer from before the last saw was added are taken. */}
      {offer.data && offer.isFetchedAfterMount ? (
        <NewSaw key={`${like} ${added}`} offer={offer.data} used={asked.get('used') === '1'} />
      ) : (
        !offer.error && <Loading />
      )}
    </>
  );
}

/** What became of the one before. */
function Added({ tag }: { tag: string }) {
  return (
    <Box role="status" sx={{ mb: 2, fontWeight: 600, color: 'success.main' }}>
      Saw {tag} hangs on the board, held until its first visit.{' '}
      <Link to={`/saws/${tag}`}>Open saw {tag}</Link>
    </Box>
  );
}

const USED = [
  { value: 'NEW', label: 'New here' },
  { value: 'USED', label: 'Has been in use' },
] as const;

function NewSaw({ offer, used: usedBefore }: { offer: Schemas['NewSawOffer']; used: boolean }) {
  const navigate = useNavigate();
  const [asked, setAsked] = useSearchParams();
  const { like } = offer;
  const [id, setId] = useState(newId);
  const [tag, setTag] = useState(offer.tag ?? '');
  const [used, setUsed] = useState(usedBefore);
  const [card, setCard] = useState(() => (like ? cardForm(like.card) : emptyCard()));
  const [whole, setWhole] = useState(!like);
  const [set, setSet] = useState(() => newSet(offer, usedBefore));
  const [past, setPast] = useState(emptyPast);
  const fit = useFitCheck(set, undefined);
  const told = usePreviewed(
    '/api/past/preview',
    {},
    {
      power: card.power,
      sparkArrestor: card.sparkArrestor,
      ...(card.inService === '' ? {} : { inService: card.inService }),
      lines: linesInput(past),
    },
    used,
  );
  const add = useWrite('/api/saws', {});
  const problem = add.error;
  const cardWrong = problem?.problems.some((p) => p.field.startsWith('saw.')) ?? false;

  const save = (next: boolean) => {
    if (add.isPending || Object.keys(notNumbers(card)).length > 0) return;
    add.mutate(
      {
        id,
        tag: tag.trim(),
        saw: cardInput(card, like?.card),
        set: setInput(set),
        ...(used && tells(past) ? { past: pastInput(past) } : {}),
      },
      {
        onSuccess: (saw) =>
          void navigate(
            next
              ? `/saws/new?${new URLSearchParams({ like: saw.tag, added: saw.tag, ...(used ? { used: '1' } : {}) }).toString()}`
              : `/saws/${saw.tag}`,
          ),
        onError: () => setId(newId()),
      },
    );
  };
  const submit = (e: SyntheticEvent) => {
    e.preventDefault();
    save(false);
  };
  const changeSet = (changed: Partial<SetForm>) => setSet((s) => ({ ...s, ...changed }));
  const tellPast = (has: boolean) => {
    setUsed(has);
    setSet((s) => ({ ...s, newChain: !has }));
  };
  return (
    <form
      onSubmit={submit}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
          e.preventDefault();
          save(true);
        }
      }}
    >
      <Sheet title="Card">
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 2,
            mb: 2,
            alignItems: 'start',
            '& > *': { flex: { xs: '1 1 140px', md: '0 0 auto' } },
          }}
        >
          <Field
            label="Tag"
            placeholder="15"
            autoFocus
            value={tag}
            onChange={setTag}
            onFocus={(e) => (e.target as HTMLInputElement).select()}
            onKeyDown={intoLines}
            problem={problem?.at('tag')}
          />
          <LikeSaw
            value={asked.get('like') ?? ''}
            onChange={(other) =>
              setAsked(
                { ...(other === '' ? {} : { like: other }), ...(used ? { used: '1' } : {}) },
                { replace: true },
              )
            }
          />
          {!whole && !cardWrong && (
            <Field
              label="In service since"
              type="date"
              value={card.inService}
              onChange={(inService) => setCard((c) => ({ ...c, inService }))}
            />
          )}
          <Choice
            label="Its past"
            options={[...USED]}
            value={used ? 'USED' : 'NEW'}
            onChange={(value) => tellPast(value === 'USED')}
          />
        </Box>
        {whole || cardWrong ? (
          <CardFields
            card={card}
            problem={problem}
            onChange={(changed) => setCard((c) => ({ ...c, ...changed }))}
          />
        ) : (
          <CardLine card={card} onOpen={() => setWhole(true)} />
        )}
      </Sheet>
      <Sheet title="Cutting set">
        <Box sx={{ mb: 2, display: 'flex', flexWrap: 'wrap', gap: 3, alignItems: 'end' }}>
          <Choice
            label="Name the set"
            options={[
              { value: 'LINE', label: 'In one line' },
              { value: 'PARTS', label: 'Part by part, or from the shelf' },
            ]}
            value={set.line === undefined ? 'PARTS' : 'LINE'}
            onChange={(how) =>
              setSet((s) => ({ ...s, line: how === 'LINE' ? (offer.figures ?? '') : undefined }))
            }
          />
          {set.line !== undefined && (
            <ChainAge set={set} problemAt={(field) => problem?.at(field)} onChange={changeSet} />
          )}
        </Box>
        {set.line === undefined ? (
          <SetFields
            set={set}
            sawTag={undefined}
            problemAt={(field) => problem?.at(field)}
            onChange={changeSet}
          />
        ) : (
          <SetLine set={set} line={set.line} problemAt={(field) => problem?.at(field)} onChange={changeSet} />
        )}
        <FitAnswer answer={fit.answer} set={set} />
      </Sheet>
      {used && (
        <Sheet title="What is known of its past">
          <Box sx={{ color: 'text.secondary', mb: 1 }}>
            As it stands in the notebook: 12 nov, 3 w for three weeks ago, mar 2024. What is left empty stays
            unknown and is proposed at its first visit. What is told here proves nothing: it goes out once it
            is proved at the bench.
          </Box>
          <PastFields
            power={card.power}
            past={past}
            answer={told.answer}
            problem={problem}
            onChange={setPast}
          />
          <HeldFields
            past={past}
            problem={problem}
            hint="Empty where nobody knows of anything. It is held until its first visit in any case."
            onChange={setPast}
          />
        </Sheet>
      )}
      <ProblemNote sentences={sentences(problem)} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Button type="submit" variant="contained" disabled={add.isPending}>
          Add saw {tag.trim()}
        </Button>
        <Button variant="outlined" disabled={add.isPending} onClick={() => save(true)}>
          Add it, then the next like it <Key>{COMMANDS.newSaw.keys.next.key}</Key>
        </Button>
        <Button variant="outlined" component={Link} to="/saws">
          Back to the saws
        </Button>
      </Box>
    </form>
  );
}

/** Which saw it is like: its card and its set are copied. */
function LikeSaw({ value, onChange }: { value: string; onChange: (tag: string) => void }) {
  const { data: saws } = useSawList();
  return (
    <Pick
      label="Like saw"
      value={value}
      options={[
        { value: '', label: 'Like none' },
        ...(saws ?? []).map((saw) => ({ value: saw.tag, label: `${saw.tag}: ${saw.make} ${saw.model}` })),
      ]}
      onChange={onChange}
    />
  );
}

function sentences(problem: Problem | null): string[] {
  if (!problem) return [];
  if (problem.problems.length === 0) return [problem.message];
  const whole = problem.problems.filter((p) => p.field === '' || p.field === 'set').map((p) => p.sentence);
  return whole.length > 0
    ? whole
    : ['Some figures need another look; each is marked above. Nothing was saved yet.'];
}
