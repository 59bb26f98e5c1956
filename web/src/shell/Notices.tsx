import Box from '@mui/material/Box';
import { useNotices } from '../api/queries';

/** What is wrong with the machine or the records, above whatever screen it is. */
export function Notices() {
  const { data } = useNotices();
  return data?.notices.map((notice) => (
    <Box
      key={notice.code}
      role="alert"
      data-standing
      sx={(t) => ({
        borderLeft: `6px solid ${notice.holdsWriting ? t.vars.palette.house.rust : t.vars.palette.house.tag}`,
        background: t.vars.palette.background.paper,
        mt: 1.5,
        px: 2,
        py: 1.25,
        maxWidth: 900,
        overflowWrap: 'anywhere',
      })}
    >
      {notice.holdsWriting && <b>Records can be read, but nothing can be saved. </b>}
      {notice.sentence}
    </Box>
  ));
}
