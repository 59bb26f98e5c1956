import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Field } from '../../parts/Field';
import { Key } from '../../parts/Key';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { useMay, usePerson } from '../../shell/person';
import { findingWords, outcomeWords, stepWords } from '../../words/bench';
import { momentOf } from '../../words/format';
import { tookWords } from '../../words/taken';
import { needWords, workReason, workTitle } from '../../words/work';
import { COMMANDS, useCommands } from '../../shell/commands';
import { useSigned } from '../../shell/signed';

const DECISION: Record<Schemas['FitState'], string> = {
  FIT: 'Fit: may go out',
  DUE: 'Due: usable, work waits',
  HELD: 'Held: must not be used',
};

/** The end of a visit: what was done and found, what is open, the decision with its reasons, and the name under it. */
export function EndVisit({
  visit,
  onGo,
}: {
  visit: Schemas['VisitPage'];
  /** Goes to a step of the visit. */
  onGo?: (step: Schemas['Step']) => void;
}) {
  const me = usePerson();
  const mayRelease = useMay('/api/saws/{tag}/release') && visit.mayRelease;
  const [reason, setReason] = useState('');
  const end = useSigned('/api/visits/{visitId}/end', { path: { visitId: visit.id } });
  const release = useSigned('/api/saws/{tag}/release', { path: { tag: visit.tag } });
  const open = visit.steps.filter((s) => !s.record && !s.optional);
  const done = visit.steps.filter((s) => s.record && s.record.outcome !== 'SKIPPED');
  const found = visit.steps.filter((s) => (s.record?.findings.length ?? 0) > 0);
  const skipped = visit.steps.filter((s) => s.record?.outcome === 'SKIPPED');
  const waits = visit.work.filter((w) => w.state !== 'FIT');
  const hang = () => {
    if (!visit.ended && release.ready) end.send(reason.trim() ? { leftOpenReason: reason } : {});
  };
  // What is signed says what the release came to. Not Enter: the key that saved the last step must not sign by being pressed once too often.
  useCommands('bench', { hang });
  const decision = visit.ended?.decision ?? visit.state;
  return (
    <Box
      component="section"
      aria-label="End of the visit"
      sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)', overflowWrap: 'anywhere' }}
    >
      <Box component="h2" sx={{ typography: 'h1', m: 0 }}>
        {visit.ended ? 'Visit ended' : 'Hang the plate back'}
      </Box>
      <Line title="Done">{done.map((s) => stepWords[s.step].title).join('; ') || 'Nothing yet.'}</Line>
      <Line title="Found">
        {found
          .map(
            (s) =>
              `${stepWords[s.step].title}: ${(s.record?.findings ?? []).map((f) => findingWords[f]).join(', ')}`,
          )
          .join('; ') || 'Nothing.'}
      </Line>
      {skipped.length > 0 && (
        <Line title={outcomeWords.SKIPPED}>
          {skipped.map((s) => `${stepWords[s.step].title} (${s.record?.note ?? 'left'})`).join('; ')}
        </Line>
      )}
      <Line title="Still open">{open.map((s) => stepWords[s.step].title).join('; ') || 'Nothing.'}</Line>
      <Box sx={{ mt: 1 }}>
        <StateMark state={decision}>{DECISION[decision]}</StateMark>
        {!visit.ended &&
          waits.map((w, i) => (
            <Box key={i} sx={{ pl: 2.75 }}>
              {workTitle(w, visit.saw.profile.power)}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {workReason(w, visit.saw.profile.power)}
              </Box>
            </Box>
          ))}
      </Box>
      {!visit.ended && visit.needs.length > 0 && (
        <Box component="section" aria-label="Still needed">
          <Box sx={{ fontWeight: 600 }}>Still needed before it may go out, in this order</Box>
          <Box component="ol" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 0.5 }}>
            {visit.needs.map((need) => (
              <Box component="li" key={`${need.kind} ${need.step}`}>
                {visit.steps.some((s) => s.step === need.step) && onGo ? (
                  <Button
                    variant="text"
                    sx={{ p: 0, minWidth: 0, textAlign: 'left' }}
                    onClick={() => onGo(need.step)}
                  >
                    {needWords(need)}
                  </Button>
                ) : (
                  needWords(need)
                )}
              </Box>
            ))}
          </Box>
        </Box>
      )}
      {visit.ended ? (
        <Box>
          Ended {momentOf(visit.ended.at)} by {visit.ended.by}.
          {visit.ended.leftOpenReason && ` Left open: ${visit.ended.leftOpenReason}.`}{' '}
          {tookWords(visit.ended.took)} <Link to={`/saws/${visit.tag}`}>To saw {visit.tag}</Link>
        </Box>
      ) : (
        <>
          {open.length > 0 && (
            <Box sx={{ maxWidth: 520 }}>
              <Field
                label="Why steps stay open"
                value={reason}
                onChange={setReason}
                problem={end.error?.at('leftOpenReason')}
              />
            </Box>
          )}
          <ProblemNote
            sentences={[
              ...(end.error?.besides(['leftOpenReason']) ?? []),
              ...(release.error?.besides([]) ?? []),
            ]}
          />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {mayRelease && (
              <Button variant="contained" disabled={!release.ready} onClick={() => release.send({})}>
                Release saw {visit.tag}
              </Button>
            )}
            <Button
              variant={mayRelease ? 'outlined' : 'contained'}
              disabled={!end.ready || !release.ready}
              onClick={hang}
            >
              Sign as {me?.name} and hang the plate back
              <Key of={COMMANDS.bench.keys.hang} />
            </Button>
          </Box>
        </>
      )}
    </Box>
  );
}

function Line({ title, children }: { title: string; children: string }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '110px 1fr' }, columnGap: 2 }}>
      <Box sx={{ fontWeight: 600 }}>{title}</Box>
      <Box>{children}</Box>
    </Box>
  );
}
