import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useState } from 'react';

/** A small key in a line of records that opens what puts it right, and closes it again. */
export function Opened({ label, children }: { label: string; children: (close: () => void) => ReactNode }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Box sx={{ width: '100%', py: 1, display: 'grid', gap: 1, gridTemplateColumns: 'minmax(0, 680px)' }}>
      {children(() => setOpen(false))}
      <div>
        <Button variant="text" size="small" sx={{ p: 0, minWidth: 0 }} onClick={() => setOpen(false)}>
          Leave it as it is
        </Button>
      </div>
    </Box>
  ) : (
    <Button
      variant="text"
      size="small"
      sx={{ p: 0, minWidth: 0, minHeight: 28, fontSize: 13 }}
      onClick={() => setOpen(true)}
    >
      {label}
    </Button>
  );
}
