import { PROJECT_VERSION } from '@kadrosyn/core';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { faultOf } from './fault';
import { Server } from './server';

afterEach(() => vi.unstubAllGlobals());

/** Answers every request as it is told, and keeps what was asked. */
function answering(answer: (path: string, options: RequestInit) => Promise<Response>): { path: string; options: RequestInit }[] {
  const asked: { path: string; options: RequestInit }[] = [];
  vi.stubGlobal('fetch', (path: string, options: RequestInit) => {
    asked.push({ path, options });
    return answer(path, options);
  });
  return asked;
}
const json = (body: unknown, status = 200): Promise<Response> => Promise.resolve(new Response(JSON.stringify(body), { status }));
const failure = async (work: Promise<unknown>) =>
  faultOf(
    await work.then(
      () => undefined,
      (error: unknown) => error,
    ),
  );

describe('what is asked of the server', () => {
  it('is all pages of a list', async () => {
    const pages: Record<string, unknown> = {
      '/api/projects?limit=500': { projects: [{ id: 'a' }, { id: 'b' }], next: '2026~b' },
      '/api/projects?limit=500&after=2026%7Eb': { projects: [{ id: 'c' }], next: null },
    };
    answering((path) => json(pages[path]));
    expect((await new Server().projects()).map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  });

  it('is given up when a save takes too long, and is then to be sent again', async () => {
    const timeout = vi.spyOn(AbortSignal, 'timeout').mockReturnValue(AbortSignal.abort(new DOMException('late', 'TimeoutError')));
    const asked = answering((_path, { signal }) => Promise.reject(signal!.reason as Error));
    expect(await failure(new Server().saveEdits('p', 1, [], { saveId: 'save_1' }))).toMatchObject({
      code: 'too-slow',
      isPassing: true,
    });
    expect(timeout).toHaveBeenCalledWith(30_000);
    expect(JSON.parse(asked[0]!.options.body as string)).toEqual({
      revision: 1,
      version: PROJECT_VERSION,
      saveId: 'save_1',
      edits: [],
    });
    timeout.mockRestore();
  });

  it('tells failures that pass from those that need the person', async () => {
    answering(() => json({ code: 'database-away', message: 'Away.' }, 503));
    expect(await failure(new Server().saveEdits('p', 1, []))).toMatchObject({ code: 'database-away', isPassing: true });
    answering(() => json({ code: 'stale', message: 'Changed.' }, 409));
    expect(await failure(new Server().saveEdits('p', 1, []))).toMatchObject({ code: 'stale', isPassing: false });
    answering(() => Promise.resolve(new Response('<html>', { status: 502 })));
    expect(await failure(new Server().saveEdits('p', 1, []))).toMatchObject({ code: 'unexpected', isPassing: true });
  });
});
