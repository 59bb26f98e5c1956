import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useSheetLines, useSheetRun } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { StateMark } from '../../parts/StateMark';
import { TableRow } from '../../parts/TableRow';
import { useSigned } from '../../shell/signed';
import { runWords, SEEN_AT } from '../../words/bringIn';
import { counted } from '../../words/format';

type Run = Schemas['SheetRunView'];

/** How many lines the server tells at once. */
const PAGE = 200;

/** How far it is with a sheet, and what came of every line. */
export function RunResult({
  fileId,
  sheet,
  kind,
  runId,
  current,
  onBring,
}: {
  fileId: string;
  sheet: number;
  kind: Schemas['SheetKind'];
  /** The run that was begun here; absent where it was begun on another page. */
  runId: string | undefined;
  /** Whether it was tried as it is matched now. */
  current: boolean;
  onBring: () => void;
}) {
  const client = useQueryClient();
  const { data: run } = useSheetRun(fileId, runId);
  const stop = useSigned('/api/sheets-in/{fileId}/stop', { path: { fileId } });
  const ended = run?.state !== 'UNDER_WAY';
  const state = run?.state;
  useEffect(() => {
    // What came in stands on other screens too.
    if (state === 'BROUGHT_IN') void client.invalidateQueries();
  }, [client, state]);
  if (!run || run.sheet !== sheet || (runId && run.runId !== runId)) return null;
  return (
    <Box component="section" aria-label="What comes of it" sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 1 }}>
        <Box role="status" sx={{ flex: '1 1 300px' }}>
          <RunMark run={run}>{runWords(run)}</RunMark>
        </Box>
        {!ended && (
          <Button variant="outlined" disabled={!stop.ready} onClick={() => stop.send({})}>
            Stop
          </Button>
        )}
        {run.state === 'TRIED' && run.good > 0 && (
          <Button variant="contained" disabled={!current} onClick={onBring}>
            Bring in {counted(run.good)} {run.good === 1 ? 'line' : 'lines'}
          </Button>
        )}
        {run.state === 'BROUGHT_IN' && (
          <Button variant="outlined" component={Link} to={SEEN_AT[kind].to}>
            {SEEN_AT[kind].label}
          </Button>
        )}
      </Box>
      {!ended && <Far run={run} />}
      {run.state === 'TRIED' && !current && (
        <Box sx={{ mb: 1 }}>The columns were changed since: try every line again.</Box>
      )}
      <ProblemNote sentences={stop.error ? [stop.error.message] : []} />
      {ended && run.done > 0 && <Outcomes key={run.state} fileId={fileId} run={run} />}
    </Box>
  );
}

function RunMark({ run, children }: { run: Run; children: string }) {
  if (run.state === 'WRONG' || run.state === 'FAILED') return <StateMark state="HELD">{children}</StateMark>;
  return run.state === 'TRIED' || run.state === 'BROUGHT_IN' ? (
    <StateMark state="FIT">{children}</StateMark>
  ) : (
    children
  );
}

function Far({ run }: { run: Run }) {
  return (
    <Box
      component="progress"
      aria-label="Lines done"
      value={run.done}
      max={run.lines}
      sx={(t) => ({ width: '100%', height: 12, accentColor: t.vars.palette.house.beam })}
    />
  );
}

function Outcomes({ fileId, run }: { fileId: string; run: Run }) {
  const [wrong, setWrong] = useState(run.wrong > 0);
  const [from, setFrom] = useState(0);
  const { data: page } = useSheetLines(fileId, { from, wrong }, true);
  const all = wrong ? run.wrong : run.done;
  const show = (only: boolean) => {
    setWrong(only);
    setFrom(0);
  };
  return (
    <>
      {run.wrong > 0 && run.wrong < run.done && (
        <Button variant="text" onClick={() => show(!wrong)}>
          {wrong ? 'Show all lines' : 'Show only what is wrong'}
        </Button>
      )}
      <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', textAlign: 'left' }}>
        <thead>
          <TableRow>
            <Box component="th" scope="col" sx={{ width: 70 }}>
              Line
            </Box>
            <th scope="col">What comes of it</th>
          </TableRow>
        </thead>
        <tbody>
          {(page?.lines ?? []).map((line) => (
            <TableRow key={line.line}>
              <td>{line.line}</td>
              <Box component="td" sx={{ overflowWrap: 'anywhere' }}>
                {line.state === 'GOOD' ? line.says : <Faults line={line} />}
              </Box>
            </TableRow>
          ))}
        </tbody>
      </Box>
      {all > PAGE && (
        <Box sx={{ mt: 1.5, display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
          <Button variant="outlined" disabled={from === 0} onClick={() => setFrom(from - PAGE)}>
            Lines before
          </Button>
          <Button variant="outlined" disabled={from + PAGE >= all} onClick={() => setFrom(from + PAGE)}>
            Lines after
          </Button>
          <Box component="span" sx={{ color: 'text.secondary', fontSize: 14 }}>
            {counted(from + 1)} to {counted(Math.min(from + PAGE, all))} of {counted(all)}
          </Box>
        </Box>
      )}
    </>
  );
}

function Faults({ line }: { line: Schemas['LineOutcome'] }) {
  return (
    <>
      {line.faults.map((fault) => (
        <Box
          key={fault.column + fault.sentence}
          sx={{ color: line.state === 'WRONG' ? 'error.main' : 'text.secondary' }}
        >
          {line.state === 'LEFT_OUT' && 'Left out. '}
          {fault.column !== '' && <b>{fault.column}: </b>}
          {fault.sentence}
        </Box>
      ))}
    </>
  );
}
