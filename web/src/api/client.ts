import createClient from 'openapi-fetch';
import type { PathsWithMethod, RequestBodyJSON } from 'openapi-typescript-helpers';
import { v4 as uuid } from 'uuid';
import { words } from '../words/en';
import type { FieldProblem } from './problem';
import { Problem } from './problem';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

type Method = 'get' | 'post' | 'put';
export type Asked = PathsWithMethod<paths, 'get'>;
export type Written<M extends Method> = PathsWithMethod<paths, M>;

type Operation<P, M> = P extends keyof paths ? (M extends keyof paths[P] ? paths[P][M] : never) : never;

/** What an address takes besides its body: values for the braces in it, and what stands behind the question mark. */
export type Params<P, M = 'get'> =
  Operation<P, M> extends { parameters: infer T }
    ? { [K in keyof T as T[K] extends undefined ? never : K]: T[K] }
    : never;

/** What an address answers; nothing where the schema names no content. */
export type Answer<P, M = 'get'> =
  Operation<P, M> extends { responses: { 200: { content: infer T } } } ? T[keyof T] : undefined;

export type Body<P, M> = RequestBodyJSON<Operation<P, M>>;

/** All that an address may look like on the wire; the types above tie each to what it takes and answers. */
interface Wire {
  parameters: { path?: Record<string, unknown>; query?: Record<string, unknown> };
  requestBody?: { content: { 'application/json': unknown } };
  responses: {
    200: { content: { 'application/json': unknown } };
    default: { content: { 'application/problem+json': Refused } };
  };
}

interface Refused {
  detail?: string;
  problems?: FieldProblem[];
  current?: unknown;
}

/** The cookie whose value is shown with each write, by which the server knows a page of its own. */
let markCookie = '';

/** How things stand with signing in, as the server last told it: from now on writes show its mark. */
export function signedIn(state: Schemas['SignInView']): Schemas['SignInView'] {
  markCookie = state.mark;
  return state;
}

function mark(): string {
  const own = document.cookie.split('; ').find((one) => one.startsWith(`${markCookie}=`));
  return markCookie === '' || own === undefined ? '' : own.slice(markCookie.length + 1);
}

const listeners = new Set<() => void>();

/** Says when the server no longer knows who is here: a session has ended. */
export function onSignedOut(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const wire = createClient<Record<string, Record<Method, Wire>>>({
  baseUrl: window.location.origin,
  // Asked for at each call, so that a test may stand in for it.
  fetch: (request) => fetch(request),
});

interface Going {
  params: object;
  body?: unknown;
  signal?: AbortSignal | undefined;
}

/** What a server says that has too many at once: nothing was done, and it can be asked again soon. */
const FULL = 'door.full';
const TRIES = 4;
const SOON_MS = 1_000;

const isFull = (e: unknown) => e instanceof Problem && e.problems[0]?.code === FULL;

/** Asks; a server that is too busy is asked again, not by everybody at the same moment. */
async function ask(method: Method, path: string, going: Going): Promise<unknown> {
  for (let tries = 1; ; tries++) {
    try {
      return await askOnce(method, path, going);
    } catch (e) {
      if (!isFull(e) || tries === TRIES || going.signal?.aborted) throw e;
      await new Promise((again) => setTimeout(again, SOON_MS * (0.5 + Math.random())));
    }
  }
}

async function askOnce(method: Method, path: string, { params, body, signal }: Going): Promise<unknown> {
  let came;
  try {
    came = await wire.request(method, path, {
      params,
      ...(body === undefined ? {} : { body }),
      ...(method === 'get' ? {} : { headers: { 'X-Mark': mark() } }),
      ...(signal ? { signal } : {}),
    });
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e;
    throw new Problem(0, words.away, []);
  }
  const { response, data } = came;
  if (response.ok) return data;
  // What stands between may refuse in words of its own.
  const said = came.error as Refused | string | undefined;
  const problem: Refused = typeof said === 'object' ? said : {};
  if (response.status === 401 && !path.startsWith('/api/sign-in')) listeners.forEach((told) => told());
  throw new Problem(
    response.status,
    problem.detail ?? `The server answered ${response.status}.`,
    problem.problems ?? [],
    problem.current,
  );
}

export async function get<P extends Asked>(
  path: P,
  params: Params<P>,
  signal?: AbortSignal,
): Promise<Answer<P>> {
  return (await ask('get', path, { params, signal })) as Answer<P>;
}

/** What the server did not answer, by where it went: it may have been stored all the same. */
const unanswered = new Map<string, { content: string; body: unknown }>();

/** A body without the ids of its write, to tell a second try from another write. */
const contentOf = (body: unknown) =>
  JSON.stringify(body, (key, value: unknown) => (key === 'id' ? undefined : value));

/** The id of a write. */
const idOf = (body: unknown) => {
  const { id } = body as { id?: string };
  return id;
};

/** No answer, or one that does not know whether it was stored. */
const leavesOpen = (e: unknown): e is Problem =>
  e instanceof Problem && (e.status === 0 || e.status >= 500) && !isFull(e);

/** Asks whether a write was stored; nothing where that cannot be told. */
async function wasDone(body: unknown): Promise<boolean | undefined> {
  const id = idOf(body);
  if (!id) return undefined;
  try {
    return (await get('/api/writes/{id}', { path: { id } })).done;
  } catch {
    return undefined;
  }
}

/**
 * Writes. What was not answered and is sent again goes out under the id of the first try, so that it is stored once. Where an answer
 * leaves open whether it was stored, the server is asked; if it was, the same write brings its answer.
 */
export async function send<P extends Written<M>, M extends 'post' | 'put' = 'post'>(
  path: P,
  params: Params<P, M>,
  body: Body<P, M>,
  { method = 'post' as M, signal }: { method?: M; signal?: AbortSignal } = {},
): Promise<Answer<P, M>> {
  const where = JSON.stringify([method, path, params]);
  const content = contentOf(body);
  const before = unanswered.get(where);
  const going = before?.content === content ? before.body : body;
  const once = () => ask(method, path, { params, body: going, signal });
  let answer: unknown;
  try {
    answer = await once();
  } catch (e) {
    if (!leavesOpen(e)) {
      unanswered.delete(where);
      throw e;
    }
    unanswered.set(where, { content, body: going });
    const done = await wasDone(going);
    if (done === undefined) throw e;
    if (!done) throw new Problem(e.status, words.notSaved, []);
    answer = await once();
  }
  unanswered.delete(where);
  return answer as Answer<P, M>;
}

/** Sends a whole file as it is; the set-up takes one, where there is no mark yet. */
export async function sendFile<P extends Written<'post'>>(
  path: P,
  file: Blob,
  said: Record<string, string> = {},
): Promise<Answer<P, 'post'>> {
  const query = new URLSearchParams({ id: newId(), ...said });
  let response;
  try {
    response = await fetch(`${path}?${query.toString()}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream', 'X-Mark': mark() },
      body: file,
    });
  } catch {
    throw new Problem(0, words.fileAway, []);
  }
  const answer: unknown = await response.json().catch(() => ({}));
  if (response.ok) return answer as Answer<P, 'post'>;
  const { detail } = answer as Refused;
  throw new Problem(response.status, detail ?? `The server answered ${response.status}.`, []);
}

/** Made here and not by the server, so that a write sent twice is stored once. The browser's own is there only under https. */
export function newId(): string {
  return uuid();
}
