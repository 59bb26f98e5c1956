import Dialog from '@mui/material/Dialog';
import type { ReactNode } from 'react';

/** Lies over the whole screen: what was typed there is there still. */
export default function SignInOver({ children }: { children: ReactNode }) {
  return (
    <Dialog
      open
      fullScreen
      aria-labelledby="sign-in-title"
      transitionDuration={0}
      slotProps={{ paper: { sx: { borderRadius: 0, backgroundColor: 'background.default' } } }}
    >
      {children}
    </Dialog>
  );
}
