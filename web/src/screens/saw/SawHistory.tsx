import { FEW } from '../../parts/more';
import { useState } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { useLog } from '../../api/queries';
import { LogLines } from '../log/LogLines';

/** All that happened to a saw, latest first. */
export function SawHistory({ tag }: { tag: string }) {
  const log = useLog({ saw: tag });
  const [all, setAll] = useState(false);
  const entries = log.data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <Box component="section" aria-labelledby="saw-history" sx={{ mt: 3 }}>
      <Box component="h2" id="saw-history" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        History
      </Box>
      {log.data && entries.length === 0 && <Box sx={{ color: 'text.secondary' }}>Nothing recorded yet.</Box>}
      <LogLines entries={entries} withTag={false} {...(all ? {} : { most: FEW })} />
      <Box sx={{ display: 'flex', gap: 2, mt: 1, alignItems: 'center' }}>
        {(all ? log.hasNextPage : entries.length > FEW) && (
          <Button
            variant="outlined"
            onClick={() => {
              if (all) void log.fetchNextPage();
              setAll(true);
            }}
          >
            Show earlier records
          </Button>
        )}
        <Link to={`/log?saw=${encodeURIComponent(tag)}`}>In the log, with filters</Link>
      </Box>
    </Box>
  );
}
