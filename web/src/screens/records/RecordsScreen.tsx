import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { Panel } from '../../parts/Panel';
import { BackupList } from './BackupList';
import { CalendarFeeds } from './CalendarFeeds';
import { PaperSeal } from './PaperSeal';
import { SealLine } from './SealLine';
import { TakeOut } from './TakeOut';

/** How the records are kept: that they are as they were written, copied away, and their owner's to take. */
export default function RecordsScreen() {
  return (
    <>
      <title>Proof, backups, files – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Proof, backups, files
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
        }}
      >
        <Panel title="Proof">
          <Box sx={{ mb: 2, maxWidth: 560 }}>
            Every record is sealed with what it says and with the seal of the record before it. Altering,
            removing or adding one in the file breaks the seals from there on. The newest seal stands on what
            is printed and in the name of each backup, so that a missing end shows as well.
          </Box>
          <SealLine bare />
          <PaperSeal />
        </Panel>
        <Panel title="Backups">
          <Box sx={{ mb: 2, maxWidth: 560 }}>
            Each is one file. It counts once it has been opened again and everything in it checked. How often,
            and how many are kept, is a <Link to="/settings">setting</Link>.
          </Box>
          <BackupList />
        </Panel>
        <Panel title="Take the records out">
          <TakeOut />
        </Panel>
        <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
          <Panel title="Bring sheets in">
            <Box sx={{ mb: 1.5, maxWidth: 560 }}>
              Saws, parts, readings, past work and use, stock and people out of a spreadsheet or a CSV file:
              its columns are matched, every line is tried, and then all of it comes in or nothing.
            </Box>
            <ForWhoMay write="/api/sheets-in">
              <Button variant="outlined" component={Link} to="/records/bring-in">
                Bring a sheet in
              </Button>
            </ForWhoMay>
          </Panel>
          <Panel title="The schedule as a calendar">
            <CalendarFeeds />
          </Panel>
        </Box>
      </Box>
    </>
  );
}
