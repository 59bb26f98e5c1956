import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId, sawPath } from '../../api/client';
import { useCrews, useWrite } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';

/** Issue the saw to a crew, or take it back. */
export function OutingPanel({ tag, crew }: { tag: string; crew: string | undefined }) {
  return (
    <Panel title={crew ? `Out with ${crew}` : 'In the house'}>
      {crew ? <TakeBack key="back" tag={tag} /> : <IssueTo key="out" tag={tag} />}
    </Panel>
  );
}

function IssueTo({ tag }: { tag: string }) {
  const { data: crews } = useCrews();
  const { person } = usePerson();
  const [crewId, setCrewId] = useState('');
  const [id] = useState(newId);
  const issue = useWrite<unknown, Schemas['Issue']>('POST', sawPath(tag, '/issue'));
  const chosen = crewId || crews?.[0]?.id || '';
  return (
    <>
      <Pick
        label="Crew"
        value={chosen}
        options={(crews ?? []).map((c) => ({ value: c.id, label: c.name }))}
        onChange={setCrewId}
      />
      <ProblemNote sentences={issue.error ? [issue.error.message] : []} />
      <Button
        variant="outlined"
        fullWidth
        sx={{ mt: 1.5 }}
        disabled={issue.isPending || !person || !chosen}
        onClick={() => person && issue.mutate({ id, personId: person.id, crewId: chosen })}
      >
        Issue saw {tag}
      </Button>
    </>
  );
}

function TakeBack({ tag }: { tag: string }) {
  const { person } = usePerson();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const [id] = useState(newId);
  const back = useWrite<unknown, Schemas['Return']>('POST', sawPath(tag, '/return'));
  const send = () => {
    const tanks = Number(text.trim().replace(',', '.'));
    if (text.trim() === '' || Number.isNaN(tanks)) {
      setProblem('Give the tanks burned, such as 1.5.');
      return;
    }
    setProblem(undefined);
    if (person) back.mutate({ id, personId: person.id, tanks });
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
    >
      <Field
        label="Tanks burned"
        hint="Or charges, on a battery saw"
        value={text}
        onChange={setText}
        inputMode="decimal"
        problem={problem ?? back.error?.at('tanks')}
      />
      <ProblemNote sentences={back.error?.besides(['tanks']) ?? []} />
      <Button type="submit" variant="outlined" fullWidth sx={{ mt: 1.5 }} disabled={back.isPending}>
        Take saw {tag} back
      </Button>
    </form>
  );
}
