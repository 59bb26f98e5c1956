// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from './client';
import { get, send } from './client';
import { Problem } from './problem';
import { words } from '../words/en';

const NO_ANSWER = () => Promise.reject(new TypeError('network'));
const DONE = () => Promise.resolve(new Response(null, { status: 204 }));
const REFUSED = () =>
  Promise.resolve(
    new Response(
      JSON.stringify({ detail: 'No.', problems: [{ field: 'tanks', code: 'x', sentence: 'Too many.' }] }),
      {
        status: 422,
      },
    ),
  );

const FAILED = () => Promise.resolve(new Response(JSON.stringify({ detail: 'Not known.' }), { status: 500 }));
const FULL = () =>
  Promise.resolve(
    new Response(JSON.stringify({ problems: [{ field: '', code: 'door.full', sentence: 'Full.' }] }), {
      status: 503,
    }),
  );

/** What the server says to whoever asks whether a write was stored. */
let stored: () => Promise<Response> = NO_ANSWER;
const STORED = (done: boolean) => () => Promise.resolve(new Response(JSON.stringify({ done })));

/** A server that answers one request after the other as it is told; what went out. */
function server(...answers: (() => Promise<Response>)[]) {
  const bodies: { id?: string; by?: { id: string }; tanks?: number }[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.url.includes('/api/writes/')) return stored();
    bodies.push((await request.json()) as (typeof bodies)[number]);
    return (answers.shift() ?? DONE)();
  });
  return bodies;
}

afterEach(() => {
  stored = NO_ANSWER;
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const write = (tag: string, body: object) =>
  send('/api/saws/{tag}/refuels', { path: { tag } }, body as Schemas['NewRefuel']).catch((e: unknown) => e);

describe('a write', () => {
  it('that was not answered goes out again under its first id', async () => {
    const bodies = server(NO_ANSWER, NO_ANSWER, DONE, DONE);
    for (const id of ['one', 'two', 'three', 'four']) await write('a', { id, tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'one', 'one', 'four']);
  });

  it('of other content is another write', async () => {
    const bodies = server(NO_ANSWER);
    await write('b', { id: 'one', tanks: 2 });
    await write('b', { id: 'two', tanks: 3 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('elsewhere is another write', async () => {
    const bodies = server(NO_ANSWER);
    await write('c', { id: 'one', tanks: 2 });
    await write('d', { id: 'two', tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('that was refused is not stored, and the next try is another', async () => {
    const bodies = server(REFUSED, REFUSED);
    const refused = await write('e', { id: 'one', tanks: 2 });
    expect(refused).toBeInstanceOf(Problem);
    expect((refused as Problem).at('tanks')?.sentence).toBe('Too many.');
    await write('e', { id: 'two', tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('that failed after it was stored is asked about, and brings its answer', async () => {
    stored = STORED(true);
    const bodies = server(FAILED, DONE);
    expect(await write('h', { id: 'one' })).toBeUndefined();
    expect(bodies.map((b) => b.id)).toEqual(['one', 'one']);
  });

  it('that failed and was not stored is told so, and keeps its id', async () => {
    stored = STORED(false);
    const bodies = server(FAILED, DONE);
    expect(((await write('i', { id: 'one' })) as Problem).message).toBe(words.notSaved);
    await write('i', { id: 'two' });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'one']);
  });

  it('that failed without anybody knowing says so', async () => {
    server(FAILED);
    expect(((await write('k', { id: 'one' })) as Problem).message).toBe('Not known.');
  });

  it('goes again by itself where too many ask at once', async () => {
    vi.useFakeTimers();
    const bodies = server(FULL, FULL, DONE);
    const written = write('l', { id: 'one' });
    await vi.runAllTimersAsync();
    expect(await written).toBeUndefined();
    expect(bodies).toHaveLength(3);
  });

  it('gives up after a few times', async () => {
    vi.useFakeTimers();
    const bodies = server(FULL, FULL, FULL, FULL, FULL);
    const written = write('m', { id: 'one' });
    await vi.runAllTimersAsync();
    expect(((await written) as Problem).status).toBe(503);
    expect(bodies).toHaveLength(4);
  });

  it('says in a sentence that nobody answered', async () => {
    server(NO_ANSWER);
    const problem = (await write('g', { id: 'one' })) as Problem;
    expect(problem.status).toBe(0);
    expect(problem.message).toContain('Nothing is lost');
  });
});

describe('an address', () => {
  it('goes with its own parameters and answer, or the screens do not compile', () => {
    const never = () => {
      // @ts-expect-error a saw's page needs a tag
      void get('/api/saws/{tag}', {});
      // @ts-expect-error nothing is posted to the board
      void send('/api/board', {}, {});
      // @ts-expect-error a refuel is no hold
      void send('/api/saws/{tag}/holds', { path: { tag: '07' } }, { tanks: 2 });
      // @ts-expect-error the board answers no saw
      const saw: Promise<Schemas['SawView']> = get('/api/board', {});
      return saw;
    };
    expect(never).toBeTypeOf('function');
  });
});
