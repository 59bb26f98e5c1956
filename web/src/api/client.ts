import type { components } from './schema';

export type Schemas = components['schemas'];

/** One sentence at one field; the field is empty when it concerns the whole. */
export interface FieldProblem {
  field: string;
  code: string;
  sentence: string;
}

/** What the server refused, in its own words. Status 0: the server did not answer. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly problems: FieldProblem[],
    readonly current?: unknown,
  ) {
    super(sentence);
  }

  /** The sentence at a field, if there is one. */
  at(field: string): string | undefined {
    return this.problems.find((p) => p.field === field)?.sentence;
  }

  /** Sentences that belong to none of the fields that the screen shows. */
  besides(fields: string[]): string[] {
    const rest = this.problems.filter((p) => !fields.includes(p.field)).map((p) => p.sentence);
    return this.problems.length === 0 ? [this.message] : rest;
  }
}

async function answer<T>(response: Response): Promise<T> {
  if (response.status === 204) {
    return undefined as T;
  }
  const body: unknown = await response.json().catch(() => ({}));
  if (!response.ok) {
    const problem = body as { detail?: string; problems?: FieldProblem[]; current?: unknown };
    throw new Problem(
      response.status,
      problem.detail ?? `The server answered ${response.status}.`,
      problem.problems ?? [],
      problem.current,
    );
  }
  return body as T;
}

async function ask(path: string, init?: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init);
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') {
      throw e;
    }
    throw new Problem(0, 'The server does not answer. Nothing is lost; try again when it is back.', []);
  }
}

export async function get<T>(path: string, signal?: AbortSignal): Promise<T> {
  return answer<T>(await ask(path, signal ? { signal } : undefined));
}

/** What the server did not answer, by where it went: it may have been stored all the same. */
const unanswered = new Map<string, { content: string; body: unknown }>();

/** A body without the ids of its write, to tell a second try from another write. */
const contentOf = (body: unknown) =>
  JSON.stringify(body, (key, value: unknown) => (key === 'id' ? undefined : value));

/** Writes. What was not answered and is sent again goes out under the id of the first try, so that it is stored once. */
export async function send<T>(
  method: 'POST' | 'PUT',
  path: string,
  body: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const content = contentOf(body);
  const before = unanswered.get(path);
  const going = before?.content === content ? before.body : body;
  let response: Response;
  try {
    response = await ask(path, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(going),
      ...(signal ? { signal } : {}),
    });
  } catch (e) {
    if (e instanceof Problem) unanswered.set(path, { content, body: going });
    throw e;
  }
  unanswered.delete(path);
  return answer<T>(response);
}

/** Made here and not by the server, so that a write sent twice is stored once. */
export function newId(): string {
  return crypto.randomUUID();
}

/** Which device a record came from: a short name that stays with this browser. */
export function device(): string {
  const key = 'yellow-tally.device';
  let name = localStorage.getItem(key);
  if (!name) {
    name = `browser ${newId().slice(0, 4)}`;
    localStorage.setItem(key, name);
  }
  return name;
}

export function sawPath(tag: string, rest = ''): string {
  return `/api/saws/${encodeURIComponent(tag)}${rest}`;
}
