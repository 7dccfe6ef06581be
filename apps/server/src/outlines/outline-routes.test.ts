import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const LEAF = { name: 'Leaf of clay', d: 'M.5 0L1 .5L.5 1L0 .5Z', proportion: 0.8 };
const list = async () =>
  ((await server.call('GET', '/api/outlines')).body as { outlines: { id: string; name: string }[] }).outlines;

describe('outlines of one’s own', () => {
  it('are kept, listed newest first, renamed and removed', async () => {
    const kept = await server.call('POST', '/api/outlines', LEAF);
    expect(kept.status).toBe(201);
    expect(kept.body).toMatchObject(LEAF);
    await server.call('POST', '/api/outlines', { ...LEAF, name: 'Second' });
    expect((await list()).map(({ name }) => name)).toEqual(['Second', 'Leaf of clay']);
    const { id } = kept.body as { id: string };
    expect((await server.call('PATCH', `/api/outlines/${id}`, { name: 'Glazed leaf' })).body).toMatchObject({
      name: 'Glazed leaf',
    });
    expect((await server.call('DELETE', `/api/outlines/${id}`)).status).toBe(204);
    expect((await list()).map(({ name }) => name)).toEqual(['Second']);
  });

  it.each([
    ['path data that breaks off', { ...LEAF, d: 'M0 0L1 1L' }],
    ['a path that does not fill its box', { ...LEAF, d: 'M0 0L9 9L0 9Z' }],
    ['markup', { ...LEAF, d: '<script>alert(1)</script>' }],
  ])('refuse %s', async (_what, body) => {
    const before = await list();
    const { status, body: fault } = await server.call('POST', '/api/outlines', body);
    expect(status).toBe(422);
    expect(fault).toMatchObject({ code: 'no-outline', message: expect.stringMatching(/Nothing was changed/) as string });
    expect(await list()).toEqual(before);
  });

  it('answer for what is not there, and for requests that are none', async () => {
    expect((await server.call('PATCH', '/api/outlines/gone', { name: 'x' })).status).toBe(404);
    expect((await server.call('DELETE', '/api/outlines/gone')).status).toBe(404);
    expect((await server.call('POST', '/api/outlines', { name: '', d: 'M', proportion: 1 })).status).toBe(400);
    expect((await server.call('POST', '/api/outlines', { ...LEAF, colour: 'red' })).status).toBe(400);
  });
});
