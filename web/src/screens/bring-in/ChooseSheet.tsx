import Box from '@mui/material/Box';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { sendFile } from '../../api/client';
import type { Problem } from '../../api/problem';
import { useSheetKinds } from '../../api/queries';
import { FileButton } from '../../parts/FileButton';
import { Panel } from '../../parts/Panel';
import { ProblemNote } from '../../parts/ProblemNote';

/** A file is dropped or chosen; whoever has none begins with an empty one. */
export function ChooseSheet({ onFound, gone }: { onFound: (fileId: string) => void; gone?: string }) {
  const [over, setOver] = useState(false);
  const take = useMutation<Schemas['FoundFile'], Problem, File>({
    mutationFn: (file) => sendFile('/api/sheets-in', file, { name: file.name.slice(0, 120) }),
    onSuccess: (found) => onFound(found.fileId),
  });
  const said = take.error?.message ?? (take.isPending ? undefined : gone);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 5fr) minmax(0, 7fr)' },
      }}
    >
      <Panel title="The sheet">
        <Box
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(false);
            const [file] = event.dataTransfer.files;
            if (file) take.mutate(file);
          }}
          sx={(t) => ({
            border: `2px dashed ${over ? t.vars.palette.house.tagEdge : t.vars.palette.house.steel}`,
            background: over ? t.vars.palette.house.tag : 'transparent',
            color: over ? t.vars.palette.house.onTag : 'inherit',
            borderRadius: '8px',
            p: 3,
            display: 'grid',
            gap: 1.5,
            justifyItems: 'start',
          })}
        >
          <Box>Drop a spreadsheet (.xlsx) or a CSV file here, or choose one.</Box>
          <FileButton
            accept=".csv,.txt,.tsv,.xlsx,text/csv,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
            disabled={take.isPending}
            onFile={(file) => take.mutate(file)}
          >
            Choose a sheet
          </FileButton>
          <Box role="status" sx={{ color: 'text.secondary' }}>
            {take.isPending && `${take.variables.name} is being read.`}
          </Box>
        </Box>
        <ProblemNote sentences={said ? [said] : []} />
        <Box sx={{ mt: 1.5, color: 'text.secondary' }}>
          Headings may be called what they are called with you, and stand in any order: on the next page you
          say what each column is. Days, inch fractions and decimal commas are read as people write them.
          Formulas are never run. Nothing is stored before you have seen what would come of every line.
        </Box>
      </Panel>
      <Templates />
    </Box>
  );
}

function Templates() {
  const { data: kinds = [] } = useSheetKinds();
  return (
    <Panel title="Empty sheets to fill in">
      <Box sx={{ mb: 1 }}>
        <a href="/api/sheets-in/template.xlsx" download>
          All of them in one workbook
        </a>
        , with a sheet that says what stands in each column; or one by one as CSV. Bring them in in this
        order: each names what stands in those before it.
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {kinds.map((kind) => (
          <Box
            component="li"
            key={kind.kind}
            sx={(t) => ({
              borderTop: `1px solid ${t.vars.palette.house.hairline}`,
              py: 1,
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '110px 1fr' },
              columnGap: 1.5,
            })}
          >
            <a href={`/api/sheets-in/template/${kind.kind}.csv`} download>
              {kind.called}
            </a>
            <Box>
              {kind.says}
              <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
                Needed:{' '}
                {kind.columns
                  .filter((column) => column.required)
                  .map((column) => column.heading)
                  .join(', ')}
                . {others(kind.columns.filter((column) => !column.required).length)}
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
    </Panel>
  );
}

function others(count: number): string {
  return count === 0 ? '' : `${count} more, if you keep them.`;
}
