import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, configure, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach, vi } from 'vitest';
import type { Schemas } from '../api/client';
import type { FieldProblem } from '../api/problem';
import { SIGN_IN } from '../api/queries';
import { theme } from '../theme';

export const IDA: Schemas['Me'] = {
  id: 'a0000000-0000-4000-8000-000000000001',
  name: 'Ida Marsh',
  role: 'OFFICER',
  signInName: 'marsh',
  oneTime: false,
  pin: true,
  refused: [],
};

/** An officer at the bench. */
export const SIGNED_IN: Schemas['SignInView'] = {
  stage: 'SIGNED_IN',
  mark: 'mark',
  fleet: 'Fellside Light Railway',
  me: IDA,
  device: { id: 'd', name: 'Bench tablet', shared: false, asksAgainAfterMs: 900_000 },
  pins: [],
  demo: [],
};

/** A write as it went out. */
export interface Sent {
  path: string;
  body: Record<string, unknown>;
}

/** A refusal as the server words it. */
export class Refused {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly problems: FieldProblem[] = [],
  ) {}
}

type Answers = Record<string, unknown>;

// Nothing is late here that will come: only what never comes is a fault.
configure({ asyncUtilTimeout: 20_000 });

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.unstubAllGlobals();
});

function response(status: number, body: unknown): Response {
  return new Response(status === 204 ? null : JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });
}

/**
 * Shows a screen with a made-up server behind it.
 *
 * @param answers by path, the part before a question mark; a write is answered with nothing unless it stands here. A function is
 *   asked anew each time, and may answer with a promise
 * @param state who is signed in at first
 */
export function show(
  screen: ReactNode,
  {
    at = '/',
    answers = {},
    state = SIGNED_IN,
  }: { at?: string; answers?: Answers; state?: Schemas['SignInView'] } = {},
) {
  const sent: Sent[] = [];
  const asked: string[] = [];
  const server: Answers = { ...answers };
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = request.url.slice(window.location.origin.length);
    const write = request.method !== 'GET';
    if (write) sent.push({ path, body: (await request.json()) as Record<string, unknown> });
    else asked.push(path);
    const known = server[path] ?? server[path.split('?')[0] ?? ''];
    const answer = typeof known === 'function' ? (known as (path: string) => unknown)(path) : known;
    return Promise.resolve(answer).then((said: unknown) => {
      if (said instanceof Refused) {
        return response(said.status, { detail: said.detail, problems: said.problems });
      }
      return said === undefined ? response(write ? 204 : 404, {}) : response(200, said);
    });
  });
  let address = at;
  const Address = () => {
    const { pathname, search } = useLocation();
    address = pathname + search;
    return null;
  };
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  // Who works here is known from the start, so that a key is not pressed into nothing.
  client.setQueryData(SIGN_IN, state);
  client.setQueryDefaults(SIGN_IN, { staleTime: Infinity });
  const view = render(
    <QueryClientProvider client={client}>
      <ThemeProvider theme={theme}>
        <MemoryRouter initialEntries={[at]} useTransitions={false}>
          <Address />
          {screen}
        </MemoryRouter>
      </ThemeProvider>
    </QueryClientProvider>,
  );
  return {
    ...view,
    sent,
    asked,
    /** Changes what the server answers from now on. */
    answers: (changed: Answers) => Object.assign(server, changed),
    address: () => address,
    user: userEvent.setup(),
  };
}
