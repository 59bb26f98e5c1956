import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { Schemas } from '../api/client';

/** A state as shape, tone and word. */
export function StateMark({ state, children }: { state: Schemas['FitState']; children: string }) {
  const { house } = useTheme().vars.palette;
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 1,
        fontWeight: 600,
        color: state === 'HELD' ? house.rust : 'text.primary',
      }}
    >
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true" style={{ flexShrink: 0 }}>
        {state === 'HELD' && <path d="M7 0l7 7-7 7-7-7z" fill={house.rust} />}
        {state === 'DUE' && <rect x="1.5" y="1.5" width="11" height="11" fill="currentColor" />}
        {state === 'FIT' && (
          <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="2.2" />
        )}
      </svg>
      {children}
    </Box>
  );
}
