import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { ProblemNote } from '../parts/ProblemNote';
import { words } from '../words/en';

/** A screen that fails says so in its place; the way to all others stays open. */
export function OtherScreensStay({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary
      resetKeys={[pathname]}
      fallbackRender={({ resetErrorBoundary }) => <ScreenFailed again={resetErrorBoundary} />}
    >
      {children}
    </ErrorBoundary>
  );
}

function ScreenFailed({ again }: { again: () => void }) {
  return (
    <ProblemNote sentences={words.screenFailed}>
      <Button variant="outlined" sx={{ mt: 1.5, mr: 1.5 }} onClick={again}>
        {words.openAgain}
      </Button>
      <Button variant="outlined" sx={{ mt: 1.5 }} onClick={() => window.location.reload()}>
        {words.reload}
      </Button>
    </ProblemNote>
  );
}
