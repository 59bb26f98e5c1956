import Box from '@mui/material/Box';
import { words } from '../words/en';
import { Quiet } from './Quiet';

/** A screen that is still being fetched: as tall as it will be, so that nothing jumps when it comes. */
export function Loading() {
  return (
    <Box sx={{ minHeight: '100vh' }}>
      <Quiet>{words.loading}</Quiet>
    </Box>
  );
}
