import Box from '@mui/material/Box';
import { Tick } from './Tick';

/** Asks about a figure that is possible and unlikely: it is put right, or said to be right. */
export function Sure({
  asked,
  figure,
  sure,
  onChange,
}: {
  /** What is asked; nothing while nothing is. */
  asked: string | undefined;
  figure: string;
  sure: boolean;
  onChange: (sure: boolean) => void;
}) {
  if (asked === undefined && !sure) return null;
  return (
    <Box role="alert" sx={{ gridColumn: '1 / -1', display: 'grid', gap: 0.75, justifyItems: 'start' }}>
      {asked !== undefined && !sure && <Box sx={{ color: 'error.main', fontSize: 14 }}>{asked}</Box>}
      <Tick label={`${figure} is right`} checked={sure} onChange={onChange} />
    </Box>
  );
}
