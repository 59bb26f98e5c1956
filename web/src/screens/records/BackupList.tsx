import { ForWhoMay } from '../../parts/ForWhoMay';
import { type ReactNode } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { newId } from '../../api/client';
import { useBackups, useWrite } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { words } from '../../words/en';
import { momentOf } from '../../words/format';
import { sizeWords, whyWords } from '../../words/records';

/** The backups there are, and a button for one more. */
export function BackupList() {
  const { data, error } = useBackups();
  const make = useWrite('/api/backups', {});
  if (!data) return <ProblemNote sentences={error ? [error.message] : [words.loading]} />;
  if (!data.folder)
    return <Box>These records are kept in memory, for a look at the program: there is nothing to copy.</Box>;
  return (
    <>
      <ForWhoMay write="/api/backups" silent>
        <Button
          variant="contained"
          disabled={data.underWay || make.isPending}
          onClick={() => make.mutate({ id: newId() })}
        >
          {data.underWay ? 'A backup is being made …' : 'Make a backup now'}
        </Button>
      </ForWhoMay>
      <ProblemNote
        sentences={[
          ...(make.error ? [make.error.message] : []),
          ...(data.failure && !data.underWay
            ? [`The last one could not be made (${momentOf(data.failure.at)}): ${data.failure.why}.`]
            : []),
        ]}
      />
      {data.list.length === 0 ? (
        <Box sx={{ my: 1.5, overflowWrap: 'anywhere' }}>
          There is none yet in {data.folder}. The first is made by itself a few minutes after the start.
        </Box>
      ) : (
        <Box
          component="table"
          sx={{
            my: 1.5,
            width: '100%',
            borderCollapse: 'collapse',
            '& th, & td': { textAlign: 'left', py: 0.5, pr: 2, verticalAlign: 'top' },
            '& th:last-child, & td:last-child': { pr: 0 },
            '& th': { typography: 'body2', color: 'text.secondary', fontWeight: 400 },
          }}
        >
          <thead>
            <tr>
              <th>Made</th>
              <th>Size</th>
              <th>Seal at its end</th>
            </tr>
          </thead>
          <tbody>
            {data.list.map((one) => (
              <tr key={one.file} title={one.file}>
                <td>
                  <Unbroken>{momentOf(one.at)}</Unbroken>
                  {one.why && `, ${whyWords(one.why)}`}
                </td>
                <td>
                  <Unbroken>{sizeWords(one.bytes)}</Unbroken>
                </td>
                <Box component="td" sx={{ fontVariantNumeric: 'tabular-nums' }}>
                  {one.code}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
        {data.list.length > 0 && `They are in ${data.folder}. `}To put one back:{' '}
        <Unbroken>
          <code>./run --restore FILE</code>
        </Unbroken>
      </Box>
    </>
  );
}

/** On one line also on a phone: a command that breaks before its word is typed wrongly. */
function Unbroken({ children }: { children: ReactNode }) {
  return (
    <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
      {children}
    </Box>
  );
}
