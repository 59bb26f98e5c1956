import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { CardFields } from './CardFields';
import { FitAnswer, useFitCheck } from './FitAnswer';
import { cardInput, emptyCard, notNumbers, setForm, setInput } from './form';
import { SetFields } from './SetFields';
import { Sheet } from './Sheet';

/** A new saw with its cutting set, stored in one piece or not at all. */
export default function NewSawScreen() {
  useAtWork();
  const navigate = useNavigate();
  const [id] = useState(newId);
  const [tag, setTag] = useState('');
  const [card, setCard] = useState(emptyCard);
  const [set, setSet] = useState(() => setForm());
  const fit = useFitCheck(set, undefined);
  const add = useWrite('/api/saws', {});
  const problem = add.error;
  const save = () => {
    if (add.isPending || Object.keys(notNumbers(card)).length > 0) return;
    add.mutate(
      {
        id,
        tag: tag.trim(),
        saw: cardInput(card),
        set: setInput(set),
      },
      { onSuccess: (saw) => void navigate(`/saws/${saw.tag}`) },
    );
  };
  const shown =
    problem?.problems.filter((p) => p.field === '' || p.field === 'set').map((p) => p.sentence) ?? [];
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <title>Add a saw – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Add a saw
      </Box>
      <Sheet title="Card">
        <Box sx={{ width: 180, mb: 2 }}>
          <Field
            label="Tag"
            placeholder="15"
            autoFocus
            value={tag}
            onChange={setTag}
            problem={problem?.at('tag')}
          />
        </Box>
        <CardFields
          card={card}
          problem={problem}
          onChange={(changed) => setCard((c) => ({ ...c, ...changed }))}
        />
      </Sheet>
      <Sheet title="Cutting set">
        <SetFields
          set={set}
          sawTag={undefined}
          problemAt={(field) => problem?.at(field)}
          onChange={(changed) => setSet((s) => ({ ...s, ...changed }))}
        />
        <FitAnswer answer={fit.answer} set={set} />
      </Sheet>
      <ProblemNote
        sentences={
          problem
            ? problem.problems.length === 0
              ? [problem.message]
              : shown.length > 0
                ? shown
                : ['Some figures need another look; each is marked above. Nothing was saved yet.']
            : []
        }
      />
      <Box sx={{ display: 'flex', gap: 1.5 }}>
        <Button type="submit" variant="contained" disabled={add.isPending}>
          Add saw {tag.trim()}
        </Button>
        <Button variant="outlined" component={Link} to="/saws">
          Back to the saws
        </Button>
      </Box>
    </form>
  );
}
