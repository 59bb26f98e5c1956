import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Caution } from '../../parts/Caution';
import { Pick } from '../../parts/Field';
import { Key } from '../../parts/Key';
import { ProblemNote } from '../../parts/ProblemNote';
import type { SawPart } from '../../parts/SawOutline';
import { SawOutline } from '../../parts/SawOutline';
import { useKeys } from '../../shell/keys';
import { checkCaution } from '../../words/faults';
import { capital, momentOf, rounded } from '../../words/format';
import { stageWords } from '../../words/schedule';
import { ToMechanic } from './ToMechanic';
import { useFaultAct } from './useFaultAct';
import { COMMANDS, useCommands } from '../../shell/commands';

/** The next check: what the hand does, its caution, and the answers as large keys. */
export function Finder({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, problem, pending } = useFaultAct(fault);
  // A choice holds for this question only.
  const [choice, setChoice] = useState<{ code: string; asked: number } | undefined>();
  const asked = fault.path.length;
  const chosen = choice?.asked === asked ? choice.code : undefined;
  const choose = (code: string) => setChoice({ code, asked });
  const best = [...(fault.next ? [fault.next] : []), ...fault.others];
  const offered = [...best, ...fault.more];
  const check = offered.find((c) => c.code === chosen) ?? fault.next;
  const answer = (code: string | undefined) => {
    if (!check) return;
    void act('/api/faults/{id}/answers', {
      check: check.code,
      expects: asked,
      ...(code === undefined ? {} : { answer: code }),
    });
  };
  // A check that is not worth asking can still be chosen; its record then stands alone.
  const onRecord = check && best.includes(check) ? best.filter((c) => c.onRecord) : check ? [check] : [];
  const takeRecords = () => {
    if (onRecord.length === 1) answer(check?.onRecord?.answer);
    else void act('/api/faults/{id}/records', { expects: asked });
  };
  const back = () => {
    if (asked > 0) void act('/api/faults/{id}/back', {});
  };
  const first = fault.ranking[0];
  const take = () => {
    if (first) void act('/api/faults/{id}/cause', { cause: first.code });
  };
  const clear = fault.outcome === 'CLEAR';
  useKeys(Object.fromEntries((check?.answers ?? []).map((a, i) => [String(i + 1), () => answer(a.code)])));
  useCommands('finder', {
    unknown: () => answer(undefined),
    back,
    take: () => {
      if (clear) take();
      else if (check?.onRecord) takeRecords();
    },
  });
  return (
    <>
      <ProblemNote sentences={problem ? [problem.message] : []} />
      {fault.clashing.length > 0 && (
        <ProblemNote
          sentences={[
            `These answers do not go together under any one cause: ${fault.clashing.join('; ')}. Check one of them again, or take it back. It may also be two faults at once.`,
          ]}
        />
      )}
      {clear && first && (
        <Box
          component="section"
          aria-label="Stands clear"
          sx={(t) => ({
            border: `2px solid ${t.vars.palette.house.good}`,
            borderRadius: '8px',
            background: t.vars.palette.background.paper,
            p: 2,
          })}
        >
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {first.title}
          </Box>
          <Box sx={{ mb: 1.5 }}>One cause stands clear. It becomes bench work, with its proof.</Box>
          <Button variant="contained" disabled={pending} onClick={take}>
            This is the cause&nbsp;
            <Key of={COMMANDS.finder.keys.take} />
          </Button>
        </Box>
      )}
      {fault.outcome === 'UNCLEAR' && (
        <Box component="section" aria-label="Unclear" sx={{ fontSize: 17 }}>
          No check that is left tells enough, and no cause stands clear. Take it to a qualified mechanic with
          the record so far, or choose a cause beside.
        </Box>
      )}
      {check && (
        <CheckCard
          key={check.code}
          check={check}
          power={fault.power}
          pending={pending}
          onAnswer={answer}
          small={clear}
        >
          {check.onRecord && (
            <FromRecords records={onRecord} shown={!clear} pending={pending} onTake={takeRecords} />
          )}
        </CheckCard>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Button variant="outlined" disabled={asked === 0 || pending} onClick={back}>
          Take the last answer back&nbsp;
          <Key of={COMMANDS.finder.keys.back} />
        </Button>
        <ToMechanic act={act} problem={problem?.at('note')} />
      </Box>
      {offered.length > 1 && (
        <Box component="section" aria-label="Other checks">
          <Box component="h3" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
            Or look here first
          </Box>
          {best
            .filter((c) => c.code !== check?.code)
            .map((other) => (
              <Button
                key={other.code}
                variant="text"
                sx={{
                  display: 'block',
                  textAlign: 'left',
                  px: 0.5,
                  py: 0.25,
                  minHeight: 36,
                  fontWeight: 400,
                }}
                onClick={() => choose(other.code)}
              >
                {other.title} ({minutesOf(other)})
              </Button>
            ))}
          {fault.more.length > 0 && (
            <Box sx={{ maxWidth: 420, mt: 1 }}>
              <Pick
                label="Something else was seen"
                value={fault.more.some((c) => c.code === chosen) ? (chosen ?? '') : ''}
                options={[
                  { value: '', label: 'Choose what was looked at' },
                  ...fault.more.map((c) => ({ value: c.code, label: c.title })),
                ]}
                onChange={choose}
              />
            </Box>
          )}
        </Box>
      )}
    </>
  );
}

function minutesOf(check: Schemas['FinderCheck']): string {
  if (check.onRecord) return 'on record';
  const own = `${rounded(check.minutes, 1)} min`;
  return check.openingMinutes > 0
    ? `${own}, ${rounded(check.openingMinutes, 1)} of them to open and close`
    : own;
}

function CheckCard({
  check,
  power,
  pending,
  small,
  onAnswer,
  children,
}: {
  check: Schemas['FinderCheck'];
  power: Schemas['Power'];
  pending: boolean;
  small: boolean;
  onAnswer: (code: string | undefined) => void;
  children: ReactNode;
}) {
  const caution = checkCaution(check, power);
  return (
    <Box component="section" aria-label="Next check" sx={{ display: 'grid', gap: 1.5 }}>
      <Box>
        <Box component="h2" sx={{ typography: small ? 'h2' : 'h1', m: 0 }}>
          {check.title}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {capital(stageWords[check.stage])}, {minutesOf(check)}
          {check.onRecord ? '' : ' (est.)'}
        </Box>
      </Box>
      {caution && <Caution>{caution}</Caution>}
      {!small && <SawOutline part={check.part.toLowerCase() as SawPart} />}
      <Box sx={{ fontSize: 17 }}>{check.how}</Box>
      {children}
      <Box role="group" aria-label="Answers" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {check.answers.map((answer, i) => (
          <AnswerKey
            key={answer.code}
            label={answer.title}
            shown={String(i + 1)}
            disabled={pending}
            onPress={() => onAnswer(answer.code)}
          />
        ))}
        <AnswerKey label="Cannot tell" shown="0" disabled={pending} onPress={() => onAnswer(undefined)} />
      </Box>
    </Box>
  );
}

/** What the bench has seen already, taken together: nobody looks twice, and nobody presses a key for each. */
function FromRecords({
  records,
  shown,
  pending,
  onTake,
}: {
  records: Schemas['FinderCheck'][];
  shown: boolean;
  pending: boolean;
  onTake: () => void;
}) {
  const several = records.length > 1;
  return (
    <Box component="section" aria-label="On record" sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
      <Box>The bench looked already:</Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {records.map(
          (record) =>
            record.onRecord && (
              <li key={record.code}>
                {several && `${record.title} `}
                {momentOf(record.onRecord.at)}: {record.onRecord.said}
              </li>
            ),
        )}
      </Box>
      <Button variant="contained" disabled={pending} onClick={onTake}>
        {several ? 'Take all of it from the records' : 'Take it from the record'}&nbsp;
        {shown && <Key of={COMMANDS.finder.keys.take} />}
      </Button>
    </Box>
  );
}

function AnswerKey({
  label,
  shown,
  disabled,
  onPress,
}: {
  label: string;
  shown: string;
  disabled: boolean;
  onPress: () => void;
}) {
  return (
    <Button
      variant="outlined"
      disabled={disabled}
      onClick={onPress}
      sx={(t) => ({
        flex: '1 1 150px',
        minHeight: 60,
        fontSize: 17,
        background: t.vars.palette.background.paper,
      })}
    >
      {label}&nbsp;<Key>{shown}</Key>
    </Button>
  );
}
