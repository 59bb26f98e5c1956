import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { words } from '../../words/en';
import { dayOf, figure, timeOf, turnsInLog } from '../../words/format';
import { measuredWords } from '../../words/growth';
import { verdictWord } from '../../words/tension';
import { Heading } from '../../parts/Heading';

const FIRST = 6;

type Line = { at: string } & (
  { kind: 'check'; check: Schemas['CheckView'] } | { kind: 'fitting'; fitting: Schemas['FittingView'] }
);

/** Tension checks and changes of set, latest first, as a log that reads in lines. */
export function TensionLog({ tension }: { tension: Schemas['TensionPage'] }) {
  const [all, setAll] = useState(false);
  const lines: Line[] = [
    ...tension.checks.map((check) => ({ at: check.at, kind: 'check' as const, check })),
    ...tension.fittings.map((fitting) => ({ at: fitting.at, kind: 'fitting' as const, fitting })),
  ].sort((a, b) => b.at.localeCompare(a.at));
  const shown = all ? lines : lines.slice(0, FIRST);
  return (
    <Box component="section" aria-labelledby="tension-log" sx={{ mt: 3 }}>
      <Box sx={{ mb: 0.5 }}>
        <Heading level={2} id="tension-log" why={3}>
          Tension readings
        </Heading>
      </Box>
      {lines.length === 0 && <Box sx={{ color: 'text.secondary' }}>Nothing recorded yet.</Box>}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shown.map((line) => (
          <Box
            component="li"
            key={line.kind === 'check' ? line.check.id : line.at}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '120px 1fr' },
              columnGap: 2,
              py: 1,
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
            })}
          >
            <Box sx={{ color: 'text.secondary' }}>
              {dayOf(line.at)} {timeOf(line.at)}
            </Box>
            {line.kind === 'check' ? (
              <CheckLine check={line.check} />
            ) : (
              <FittingLine fitting={line.fitting} />
            )}
          </Box>
        ))}
      </Box>
      {lines.length > FIRST && !all && (
        <Button variant="text" onClick={() => setAll(true)}>
          Show all {lines.length} records
        </Button>
      )}
    </Box>
  );
}

function CheckLine({ check }: { check: Schemas['CheckView'] }) {
  const { tag = '' } = useParams();
  const amended = check.struck;
  return (
    <Box>
      <Box sx={amended ? { textDecoration: 'line-through', color: 'text.secondary' } : undefined}>
        <strong>{verdictWord(check.outcome, check.provisional)}</strong>
        {', '}
        {words.occasion[check.occasion].toLowerCase()}, for {words.work[check.work].toLowerCase()}. {check.by}
        .
      </Box>
      <Box sx={{ fontSize: 14 }}>{check.readings.map(readingWords).join(' → ')}</Box>
      {measuredWords(check.measured) !== '' && (
        <Box sx={{ fontSize: 14 }}>{measuredWords(check.measured)}</Box>
      )}
      {check.note && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{check.note}</Box>}
      {check.amends && <Box sx={{ fontSize: 14 }}>Amends an earlier check: {check.amendReason}</Box>}
      {amended ? (
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>
          {check.amendedBy ? 'Amended by a later record.' : 'Struck out: the history says why.'}
        </Box>
      ) : (
        <Box
          component={Link}
          to={`/saws/${tag}/tension?amends=${check.id}`}
          aria-label={`Amend the check of ${dayOf(check.at)} ${timeOf(check.at)}`}
          sx={{ fontSize: 13, color: 'text.secondary' }}
        >
          Amend
        </Box>
      )}
    </Box>
  );
}

function readingWords(reading: Schemas['ReadingView']): string {
  const turned = reading.turnsBefore === 0 ? '' : `turned ${turnsInLog(reading.turnsBefore)}, `;
  const value =
    reading.figure !== undefined
      ? figure(reading.figure, reading.method)
      : reading.tips
        ? `tips ${words.tips[reading.tips].toLowerCase()}`
        : '';
  const unfair =
    reading.unmet.length === 0
      ? ''
      : ` (not met: ${reading.unmet.map((c) => words.fair[c].toLowerCase()).join(', ')})`;
  return `${turned}${words.method[reading.method].toLowerCase()} ${value} ${words.outcome[reading.outcome].toLowerCase()}${unfair}`;
}

function FittingLine({ fitting }: { fitting: Schemas['FittingView'] }) {
  const parts = [fitting.bar, fitting.chain, fitting.sprocket].filter(Boolean).join(', ');
  return (
    <Box>
      <strong>{parts ? `Fitted ${parts}` : 'Set taken off'}</strong>
      {fitting.newChain && ', new chain'}
      {fitting.soakHours !== undefined &&
        fitting.soak &&
        `, ${words.soak[fitting.soak]} (${fitting.soakHours} h)`}
      . {fitting.by}.
      {fitting.note && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{fitting.note}</Box>}
    </Box>
  );
}
