import { afterEach, describe, expect, it, vi } from 'vitest';
import { Problem, send } from './client';

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

/** A server that answers one request after the other as it is told; what went out. */
function server(...answers: (() => Promise<Response>)[]) {
  const bodies: { id?: string; by?: { id: string }; tanks?: number }[] = [];
  vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
    bodies.push(JSON.parse(init.body as string) as (typeof bodies)[number]);
    return (answers.shift() ?? DONE)();
  });
  return bodies;
}

afterEach(() => vi.unstubAllGlobals());

const write = (path: string, body: object) => send('POST', path, body).catch((e: unknown) => e);

describe('a write', () => {
  it('that was not answered goes out again under its first id', async () => {
    const bodies = server(NO_ANSWER, NO_ANSWER, DONE, DONE);
    for (const id of ['one', 'two', 'three', 'four']) await write('/api/a', { id, tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'one', 'one', 'four']);
  });

  it('of other content is another write', async () => {
    const bodies = server(NO_ANSWER);
    await write('/api/b', { id: 'one', tanks: 2 });
    await write('/api/b', { id: 'two', tanks: 3 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('elsewhere is another write', async () => {
    const bodies = server(NO_ANSWER);
    await write('/api/c', { id: 'one', tanks: 2 });
    await write('/api/d', { id: 'two', tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('that was refused is not stored, and the next try is another', async () => {
    const bodies = server(REFUSED, REFUSED);
    const refused = await write('/api/e', { id: 'one', tanks: 2 });
    expect(refused).toBeInstanceOf(Problem);
    expect((refused as Problem).at('tanks')).toBe('Too many.');
    await write('/api/e', { id: 'two', tanks: 2 });
    expect(bodies.map((b) => b.id)).toEqual(['one', 'two']);
  });

  it('keeps the id of who writes it as well', async () => {
    const bodies = server(NO_ANSWER);
    await write('/api/f', { by: { id: 'one', personId: 'ida' }, tanks: 1 });
    await write('/api/f', { by: { id: 'two', personId: 'ida' }, tanks: 1 });
    expect(bodies.map((b) => b.by?.id)).toEqual(['one', 'one']);
  });

  it('says in a sentence that nobody answered', async () => {
    server(NO_ANSWER);
    const problem = (await write('/api/g', { id: 'one' })) as Problem;
    expect(problem.status).toBe(0);
    expect(problem.message).toContain('Nothing is lost');
  });
});
