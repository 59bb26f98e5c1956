import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/barlow-condensed/latin-700.css';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Problem } from './api/problem';
import { soonIfAway } from './api/away';
import { App } from './App';
import { fetchAhead } from './shell/fetched';
import { writesWatched } from './shell/firstProblem';
import { theme } from './theme';

const client = new QueryClient({
  mutationCache: writesWatched(),
  defaultOptions: {
    // The server may stand in this very workshop: whether there is a net beyond it says nothing.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      refetchInterval: soonIfAway(),
      // A refusal stays a refusal; only a server that does not answer is asked again.
      retry: (count, error) => !(error instanceof Problem && error.status > 0) && count < 2,
      refetchOnWindowFocus: true,
      staleTime: 2_000,
    },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <ThemeProvider theme={theme} defaultMode="system">
          <CssBaseline />
          {/* At once, not as a transition: two filters set in quick succession would lose the first, and a key pressed
              while the next screen loads would still go to the last one. */}
          <BrowserRouter useTransitions={false}>
            <App />
          </BrowserRouter>
        </ThemeProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}

const AHEAD_MS = 3_000;
setTimeout(() => void fetchAhead(), AHEAD_MS);
