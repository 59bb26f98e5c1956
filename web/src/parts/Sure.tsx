import Box from '@mui/material/Box';
import { Tick } from './Tick';

/** Asks about a figure that is possible and unlikely: it is put right, or said to be right; another figure is asked about anew. */
export function Sure({
  asked,
  figure,
  sureOf,
  onChange,
}: {
  /** What is asked; nothing while nothing is. */
  asked: string | undefined;
  figure: string;
  /** The figure that was said to be right. */
  sureOf: string;
  onChange: (sureOf: string) => void;
}) {
  const sure = sureOf !== '' && sureOf === figure;
  if (asked === undefined && !sure) return null;
  return (
    <Box role="alert" sx={{ gridColumn: '1 / -1', display: 'grid', gap: 0.75, justifyItems: 'start' }}>
      {asked !== undefined && !sure && <Box sx={{ color: 'error.main', fontSize: 14 }}>{asked}</Box>}
      <Tick label={`${figure} is right`} checked={sure} onChange={(on) => onChange(on ? figure : '')} />
    </Box>
  );
}
