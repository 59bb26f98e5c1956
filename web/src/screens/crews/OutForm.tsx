import { useFocusOn } from '../../shell/focus';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { workTitle } from '../../words/work';
import { tagsOn } from '../../words/tags';
import { tagsIn } from './tags';
import type { When } from './WhenFields';
import { momentOfWhen, NOW, WhenFields } from './WhenFields';
import { useSigned } from '../../shell/signed';

const MOST_KEYS = 9;
const CREW_FIRST = 'Choose the crew first.';

/** Issue saws to a crew. Held ones are refused, due ones are warned of. */
export function OutForm({
  board,
  crews,
  first,
}: {
  board: Schemas['Board'];
  crews: Schemas['CrewView'][];
  /** Whether the hand begins here. */
  first: boolean;
}) {
  const field = useFocusOn(first);
  const [search] = useSearchParams();
  const [text, setText] = useState(search.get('out') ?? '');
  const [crewId, setCrewId] = useState('');
  const [unsaid, setUnsaid] = useState(false);
  const crewKeys = useRef<HTMLDivElement>(null);
  const [when, setWhen] = useState<When>(NOW);
  const issue = useSigned('/api/outings/issue', {});
  const tags = tagsIn(text, tagsOn(board));
  // Nobody takes saws by being the first of a list; where there is but one crew, it is that one.
  const crew = crews.length === 1 ? (crews[0]?.id ?? '') : crewId;
  const send = () => {
    if (tags.length === 0) return;
    if (!crew) {
      setUnsaid(true);
      crewKeys.current?.querySelector<HTMLElement>('input, select')?.focus();
      return;
    }
    issue.send(
      { crewId: crew, saws: tags, ...momentOfWhen(when) },
      {
        onSuccess: () => {
          setText('');
          setCrewId('');
          setUnsaid(false);
          setWhen(NOW);
        },
      },
    );
  };
  const options = crews.map((c) => ({ value: c.id, label: c.name }));
  return (
    <Panel title="Out">
      <Box
        component="form"
        aria-label="Saws out"
        onSubmit={(e: React.SyntheticEvent) => {
          e.preventDefault();
          send();
        }}
        sx={{ display: 'grid', gap: 1.5 }}
      >
        <Field
          label="Saws that go out"
          inputRef={field}
          hint="Tags with spaces between"
          value={text}
          onChange={setText}
          problem={issue.error?.at('saws')}
        />
        <Box ref={crewKeys}>
          {crews.length <= MOST_KEYS ? (
            <Choice
              label="To the crew"
              numbered
              value={crew}
              options={options}
              onChange={setCrewId}
              problem={unsaid && !crew ? CREW_FIRST : undefined}
            />
          ) : (
            <Pick
              label="To the crew"
              value={crew}
              options={[{ value: '', label: 'Choose' }, ...options]}
              onChange={setCrewId}
              problem={unsaid && !crew ? CREW_FIRST : undefined}
            />
          )}
        </Box>
        {tags.map((tag) => (
          <Warning key={tag} tag={tag} board={board} />
        ))}
        <WhenFields when={when} onChange={setWhen} problemAt={(f) => issue.error?.at(f)} />
        <ProblemNote sentences={issue.error?.besides(['saws', 'at', 'reason']) ?? []} />
        <Button type="submit" variant="contained" disabled={tags.length === 0 || !issue.ready}>
          {tags.length > 1 ? `Issue ${tags.length} saws` : `Issue saw ${tags[0] ?? ''}`}
        </Button>
      </Box>
    </Panel>
  );
}

/** Where a saw is that is not at hand. */
function whereElse(rail: Schemas['Rail'] | undefined, plate: Schemas['Plate']): string {
  if (plate.away !== undefined) return `with ${plate.away}`;
  if (rail?.kind === 'CREW') return `out with ${rail.crew ?? ''}`;
  return rail?.kind === 'BENCH' ? 'on the bench' : '';
}

/** What the board says of a saw that is about to go out. */
function Warning({ tag, board }: { tag: string; board: Schemas['Board'] }) {
  const rail = board.rails.find((r) => r.plates.some((p) => p.tag === tag));
  const plate = rail?.plates.find((p) => p.tag === tag);
  const first = board.work.find((row) => row.tag === tag)?.work[0];
  if (!plate) return <Box>No saw {tag} in service.</Box>;
  const where = whereElse(rail, plate);
  const words =
    where ||
    (plate.state === 'FIT' || !first
      ? 'fit'
      : `${plate.state === 'HELD' ? 'held' : 'due'}: ${workTitle(first, plate.power)}`);
  return (
    <Box>
      <StateMark state={where ? 'HELD' : plate.state}>{`${tag} ${words}`}</StateMark>
    </Box>
  );
}
