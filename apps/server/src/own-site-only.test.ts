import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readConfig } from '../dist/config.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

/** A request with headers that a page could not send by itself. */
function ask(
  method: string,
  path: string,
  headers: Record<string, string>,
): Promise<{ status: number; code: string | undefined }> {
  const { port } = new URL(server.address);
  return new Promise((resolve, reject) => {
    const sent = request({ host: '127.0.0.1', port, method, path, headers }, (answer) => {
      let text = '';
      answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
      answer.on('end', () => {
        const { code } = (text.startsWith('{') ? JSON.parse(text) : {}) as { code?: string };
        resolve({ status: answer.statusCode!, code });
      });
    });
    sent.on('error', reject);
    sent.end(method === 'POST' ? JSON.stringify({ name: 'Card', size: { width: 10, height: 10, unit: 'px' } }) : undefined);
  });
}

describe('other sites', () => {
  const json = { 'content-type': 'application/json' };

  it.each([
    ['a name that is made to point here', { host: 'kadrosyn.example:80' }, 421],
    ['another address', { host: '192.0.2.7' }, 421],
  ])('do not reach anything under %s', async (_what, headers, status) => {
    expect((await ask('GET', '/api/projects', headers)).status).toBe(status);
    expect((await ask('GET', '/', headers)).status).toBe(status);
    expect((await ask('DELETE', '/api/projects/x', headers)).status).toBe(status);
  });

  it.each([
    ['another site', { 'sec-fetch-site': 'cross-site' }],
    ['a site beside it', { 'sec-fetch-site': 'same-site' }],
    ['an origin of its own', { origin: 'https://elsewhere.example' }],
    ['no origin that can be named', { origin: 'null' }],
    ['another port of this machine', { origin: 'http://127.0.0.1:1' }],
  ])('change nothing from %s', async (_what, headers) => {
    const before = await server.call('GET', '/api/projects');
    expect(await ask('POST', '/api/projects', { ...json, ...headers })).toEqual({ status: 403, code: 'other-site' });
    expect((await server.call('GET', '/api/projects')).body).toEqual(before.body);
  });

  it('are told from the application’s own pages, and from programs', async () => {
    const origin = new URL(server.address).origin;
    expect((await ask('POST', '/api/projects', { ...json, origin, 'sec-fetch-site': 'same-origin' })).status).toBe(201);
    expect((await ask('POST', '/api/projects', { ...json, 'sec-fetch-site': 'none' })).status).toBe(201);
    expect((await ask('POST', '/api/projects', json)).status).toBe(201);
    expect((await ask('GET', '/api/projects', { host: `localhost:${new URL(server.address).port}` })).status).toBe(200);
  });
});

describe('the address that is listened on', () => {
  const env = { DATABASE_URL: 'postgres://nowhere/x' };

  it('is this machine alone, unless names are said', () => {
    expect(readConfig(env)).toMatchObject({ host: '127.0.0.1', hosts: [] });
    expect(() => readConfig({ ...env, HOST: '0.0.0.0' })).toThrow(/no accounts yet.*KADROSYN_HOSTS=/s);
    expect(readConfig({ ...env, HOST: '0.0.0.0', KADROSYN_HOSTS: 'studio.example, 192.0.2.7' })).toMatchObject({
      hosts: ['studio.example', '192.0.2.7'],
    });
    expect(() => readConfig({ ...env, KADROSYN_MOST_PHOTOS: 'many' })).toThrow('KADROSYN_MOST_PHOTOS is "many"');
  });
});
