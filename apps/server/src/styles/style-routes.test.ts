import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const SOFT = {
  name: 'Soft card',
  side: 1080,
  finish: {
    rim: { top: 20, right: 20, bottom: 20, left: 20, colour: '#ffffff' },
    shadow: { distance: 8, blur: 20, strength: 0.4 },
  },
  developing: { tone: { warmth: 0.2 }, effects: [{ kind: 'grain', strength: 0.3 }] },
};
const list = async () => ((await server.call('GET', '/api/styles')).body as { styles: { id: string; name: string }[] }).styles;

describe('styles', () => {
  it('are kept, listed by name, renamed, changed under a new revision, and removed', async () => {
    const kept = await server.call('POST', '/api/styles', SOFT);
    expect(kept.status).toBe(201);
    expect(kept.body).toMatchObject({ ...SOFT, revision: 1 });
    await server.call('POST', '/api/styles', { name: 'A bold line', side: 500, finish: { opacity: 0.5 } });
    expect((await list()).map(({ name }) => name)).toEqual(['A bold line', 'Soft card']);
    const { id } = kept.body as { id: string };
    expect((await server.call('PATCH', `/api/styles/${id}`, { name: 'Card' })).body).toMatchObject({
      ...SOFT,
      name: 'Card',
      revision: 1,
    });
    const changed = await server.call('PATCH', `/api/styles/${id}`, { finish: { opacity: 0.7 }, side: 700 });
    expect(changed.body).toEqual({ id, name: 'Card', revision: 2, side: 700, finish: { opacity: 0.7 } });
    expect((await server.call('DELETE', `/api/styles/${id}`)).status).toBe(204);
    expect((await list()).map(({ name }) => name)).toEqual(['A bold line']);
  });

  it.each([
    ['a finish with something unknown in it', { ...SOFT, finish: { glow: 3 } }],
    ['a width that is none', { ...SOFT, finish: { outline: { align: 'inside', width: -4, paint: '#ffffff' } } }],
    ['a colour that is none', { ...SOFT, finish: { shadow: { distance: 1, blur: 1, strength: 1, colour: 'red' } } }],
    ['another fill smuggled in', { ...SOFT, developing: { photoId: 'other' } }],
  ])('refuse %s', async (_what, body) => {
    const before = await list();
    const { status, body: fault } = await server.call('POST', '/api/styles', body);
    expect(status).toBe(422);
    expect(fault).toMatchObject({ code: 'no-finish', message: expect.stringMatching(/Nothing was changed/) as string });
    expect(await list()).toEqual(before);
  });

  it('answer for what is not there, and for requests that are none', async () => {
    expect((await server.call('PATCH', '/api/styles/gone', { name: 'x' })).status).toBe(404);
    expect((await server.call('DELETE', '/api/styles/gone')).status).toBe(404);
    expect((await server.call('PATCH', '/api/styles/gone', {})).status).toBe(400);
    expect((await server.call('POST', '/api/styles', { name: 'x', side: 0, finish: {} })).status).toBe(400);
  });
});
