import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { ForWhoMay } from '../../parts/ForWhoMay';

/** All records as files that need no program of ours. */
export function TakeOut() {
  return (
    <ForWhoMay write="/api/fleet-file" verb="GET">
      <Box sx={{ mb: 1.5, maxWidth: 560 }}>
        The records are yours. Take all of them out whenever you like; each file is as they are at that
        moment. Passwords and PINs are in none of them.
      </Box>
      <Box component="dl" sx={{ m: 0, display: 'grid', gap: 1.5 }}>
        <Way href="/api/fleet-file" label="Fleet file">
          One JSON file with everything and its seals. On a first start elsewhere it is brought in again
          whole. What stands in it says the <a href="/api/fleet-file/schema">schema</a>.
        </Way>
        <Way href="/api/photos.zip" label="Photos">
          The pictures, each under the name that the fleet file has for it. Elsewhere they go into the folder
          photos beside the records.
        </Way>
        <Way href="/api/sheets.xlsx" label="Spreadsheet">
          A sheet for each kind of record, with tags and names; the first one explains every column.
        </Way>
        <Way href="/api/sheets.csv" label="CSV files">
          The same sheets as comma-separated values, together in a zip.
        </Way>
      </Box>
      <Box sx={{ mt: 1.5, color: 'text.secondary' }}>
        Part of the log alone is taken out on the screen of the log, as it is filtered there.
      </Box>
    </ForWhoMay>
  );
}

function Way({ href, label, children }: { href: string; label: string; children: ReactNode }) {
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '130px 1fr' }, columnGap: 2, rowGap: 0.5 }}
    >
      <dt>
        <Button variant="outlined" href={href} download sx={{ width: { sm: '100%' } }}>
          {label}
        </Button>
      </dt>
      <Box component="dd" sx={{ m: 0 }}>
        {children}
      </Box>
    </Box>
  );
}
