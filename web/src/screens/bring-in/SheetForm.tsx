import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useSheetKinds, useSheetMatch } from '../../api/queries';
import { Pick, optionsOf } from '../../parts/Field';
import { Loading } from '../../parts/Loading';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { useSigned } from '../../shell/signed';
import { ORDERS } from '../../words/bringIn';
import { counted } from '../../words/format';
import { ColumnTable } from './ColumnTable';
import { RunResult } from './RunResult';

type Match = Schemas['SheetMatch'];

/** What a sheet holds and which column is what; each guess can be put right. */
export function SheetForm({
  file,
  number,
  sheet,
  onOther,
}: {
  file: Schemas['FoundFile'];
  number: number;
  sheet: Schemas['FoundSheetView'];
  onOther: () => void;
}) {
  const { data: kinds } = useSheetKinds();
  const [kind, setKind] = useState(sheet.kind);
  const [headings, setHeadings] = useState(sheet.headings);
  const guess = useSheetMatch(file.fileId, { sheet: number, kind, headings });
  const known = kinds?.find((one) => one.kind === kind);
  return (
    <Panel title={sheet.name === file.name ? file.name : `${file.name}, sheet ${sheet.name}`}>
      <Box sx={{ mb: 1.5, display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        <Box sx={{ width: 180 }}>
          <Pick
            label="What it holds"
            value={kind}
            options={(kinds ?? []).map((one) => ({ value: one.kind, label: one.called }))}
            onChange={setKind}
          />
        </Box>
        <Box sx={{ width: 260 }}>
          <Pick
            label="Headings stand in"
            value={String(headings)}
            options={sheet.first.map((row, i) => ({
              value: String(i),
              label: `Line ${row.line}: ${row.cells.filter(Boolean).slice(0, 3).join(', ').slice(0, 40)}`,
            }))}
            onChange={(row) => setHeadings(Number(row))}
          />
        </Box>
        <Box sx={{ color: 'text.secondary', flex: '1 1 200px' }}>
          {counted(sheet.rows - headings - 1)} lines below them. {known?.says}
        </Box>
        <Button variant="text" onClick={onOther}>
          Choose another file
        </Button>
      </Box>
      {guess.data && known ? (
        <Columns
          key={`${kind} ${headings}`}
          about={{ fileId: file.fileId, sheet: number, kind, headings }}
          found={sheet}
          known={known}
          guess={guess.data}
        />
      ) : (
        <Loading />
      )}
    </Panel>
  );
}

interface About {
  fileId: string;
  sheet: number;
  kind: Schemas['SheetKind'];
  headings: number;
}

function Columns({
  about,
  found,
  known,
  guess,
}: {
  about: About;
  found: Schemas['FoundSheetView'];
  known: Schemas['SheetKindView'];
  guess: Match;
}) {
  const [match, setMatch] = useState(guess);
  const [leaveOutKnown, setLeaveOutKnown] = useState(false);
  const [begun, setBegun] = useState<{ id: string; asked: string } | undefined>();
  const begin = useSigned('/api/sheets-in/{fileId}/run', { path: { fileId: about.fileId } });
  const { fileId, ...of } = about;
  const asked = { ...of, ...match, leaveOutKnown };
  const now = JSON.stringify(asked);
  const go = (forReal: boolean) => {
    const id = newId();
    begin.send({ id, ...asked, forReal }, { onSuccess: () => setBegun({ id, asked: now }) });
  };
  const missing = known.columns.filter((column) => column.required && !match.columns.includes(column.field));
  const days = match.columns.some((field) => field === 'day' || field === 'inService');
  return (
    <>
      <ColumnTable found={found} headings={about.headings} known={known} match={match} onChange={setMatch} />
      <Box sx={{ mt: 1.5, display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        {days && (
          <Box sx={{ width: 220 }}>
            <Pick
              label="12/11 is written"
              value={match.order}
              options={optionsOf(ORDERS)}
              onChange={(order) => setMatch({ ...match, order })}
            />
          </Box>
        )}
        <Tick label="Leave out what is here already" checked={leaveOutKnown} onChange={setLeaveOutKnown} />
        <Button variant="contained" disabled={!begin.ready || missing.length > 0} onClick={() => go(false)}>
          Try every line
        </Button>
      </Box>
      {missing.length > 0 && (
        <Box role="status" sx={{ mt: 1 }}>
          Say which column is {missing.map((column) => column.heading).join(', ')}.
        </Box>
      )}
      <ProblemNote
        sentences={
          begin.error
            ? begin.error.problems.length > 0
              ? begin.error.problems.map((problem) => problem.sentence)
              : [begin.error.message]
            : []
        }
      />
      {begin.ready && !begin.error && (
        <RunResult
          key={begun?.id}
          fileId={fileId}
          sheet={about.sheet}
          kind={about.kind}
          runId={begun?.id}
          current={begun?.asked === now}
          onBring={() => go(true)}
        />
      )}
    </>
  );
}
