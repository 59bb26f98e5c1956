import { ForWhoMay } from '../../parts/ForWhoMay';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
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
import { capital, rounded } from '../../words/format';
import { stageWords } from '../../words/schedule';
import { LeakStand } from './LeakStand';
import { ToMechanic } from './ToMechanic';
import { useFaultAct } from './useFaultAct';
import { COMMANDS, useCommands } from '../../shell/commands';

/** Given where the tank was not full: nothing is concluded, and the check is made again. */
const TANK_NOT_FULL = 'tank-not-full';

/** The check that is a stand on card: it is begun and looked at right there, and its look answers it. */
const CARD_STAND = 'card-stand';

/** The next check: what the hand does, its caution, and the answers as large keys. */
export function Finder({ fault }: { fault: Schemas['FaultPage'] }) {
  useAtWork();
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
    },
  });
  return (
    <>
      <ProblemNote sentences={problem ? [problem.message] : []} />
      {fault.clash && (
        <Box
          component="section"
          aria-label="Answers that contradict each other"
          sx={{ display: 'grid', gap: 1 }}
        >
          <ProblemNote
            sentences={[
              fault.clash.with
                ? `Two answers contradict each other: ${fault.clash.said}; ${fault.clash.with}. Answer one of them again before going on.`
                : `One answer does not fit the complaint: ${fault.clash.said}. Answer it again, or end the complaint as not confirmed.`,
            ]}
          />
          <Box>
            <Button
              variant="outlined"
              disabled={pending}
              onClick={() => void act('/api/faults/{id}/doubt', { check: fault.clash?.check ?? '' })}
            >
              Answer again: {fault.clash.title}
            </Button>
          </Box>
        </Box>
      )}
      {fault.outcome === 'LOOK' && first && (
        <Box component="section" aria-label="Most likely" sx={{ fontSize: 17 }}>
          Most likely: <strong>{first.title}</strong>. Now look at it: no cause counts before it is seen.
        </Box>
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
          <Box sx={{ mb: 1.5 }}>
            Seen, and well ahead of the rest. It becomes bench work, with its proof.
            {fault.seenToo.length > 0 &&
              ` Seen too: ${fault.seenToo.join('; ')}. That comes next, when the complaint is still there after the proof.`}
          </Box>
          <Button variant="contained" disabled={pending} onClick={take}>
            This is the cause
            <Key of={COMMANDS.finder.keys.take} />
          </Button>
        </Box>
      )}
      {fault.outcome === 'UNCLEAR' && (
        <Box component="section" aria-label="Unclear" sx={{ fontSize: 17 }}>
          No check left would tell enough, and no cause was seen. Take it to a qualified mechanic with the
          record so far, answer a check again, or choose a cause from the list.
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
        />
      )}
      {check?.code === CARD_STAND && <LeakStand fault={fault} act={act} pending={pending} />}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Button variant="outlined" disabled={asked === 0 || pending} onClick={back}>
          Take the last answer back
          <Key of={COMMANDS.finder.keys.back} />
        </Button>
        <ForWhoMay write="/api/faults/{id}/mechanic" silent>
          <ToMechanic act={act} problem={problem?.at('note')} />
        </ForWhoMay>
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
}: {
  check: Schemas['FinderCheck'];
  power: Schemas['Power'];
  pending: boolean;
  small: boolean;
  onAnswer: (code: string | undefined) => void;
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
          {' (est.)'}
        </Box>
      </Box>
      {caution && <Caution>{caution}</Caution>}
      {!small && <SawOutline part={check.part.toLowerCase() as SawPart} />}
      <Box sx={{ fontSize: 17 }}>{check.how}</Box>
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
      {check.fullTank && (
        <Box>
          On an empty tank it proves nothing: fill, stand, look again.{' '}
          <Button variant="text" disabled={pending} onClick={() => onAnswer(TANK_NOT_FULL)}>
            The tank was not full
          </Button>
        </Box>
      )}
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
      {label}
      <Key>{shown}</Key>
    </Button>
  );
}
