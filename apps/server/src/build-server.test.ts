import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../testing/test-server.js';
import { readConfig } from './config.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

describe('the server', () => {
  it('says that it is ready', async () => {
    expect(await server.call('GET', '/api/health')).toMatchObject({
      status: 200,
      body: { state: 'ready', workspace: 'Wrenfold Pottery' },
    });
  });

  it('sends the application under a strict policy, whatever address within it is asked for', async () => {
    for (const path of ['/', '/projects/project_abc']) {
      const { status, headers, bytes } = await server.call('GET', path);
      expect(status).toBe(200);
      const policy = headers.get('content-security-policy')!;
      expect(policy).toContain("default-src 'self'");
      expect(policy).not.toContain('unsafe-inline');
      expect(policy).not.toContain("'unsafe-eval'");
      const nonce = /'nonce-([^']+)'/.exec(policy)![1]!;
      expect(bytes.toString()).toContain(nonce);
      expect(headers.get('strict-transport-security')).toBeNull();
      expect(headers.get('x-content-type-options')).toBe('nosniff');
    }
  });

  it('sends hashed files as unchanging and the faces as they are', async () => {
    const page = (await server.call('GET', '/')).bytes.toString();
    const script = /src="(main-[A-Z0-9]+\.js)"/.exec(page)![1]!;
    expect((await server.call('GET', `/${script}`)).headers.get('cache-control')).toContain('immutable');
    expect((await server.call('GET', '/faces/archivo-latin.ttf')).status).toBe(200);
    expect((await server.call('GET', '/faces/..%2Fserver.fingerprint')).status).toBeGreaterThanOrEqual(400);
  });

  it('answers every failure with a code and a sentence', async () => {
    expect(await server.call('GET', '/api/nothing')).toMatchObject({
      status: 404,
      body: { code: 'not-found', message: expect.any(String) as string },
    });
    const response = await fetch(`${server.address}/api/projects`, {
      method: 'POST',
      body: '{broken',
      headers: { 'content-type': 'application/json' },
    });
    expect(response.status).toBe(400);
    expect(await response.json()).toMatchObject({ code: expect.any(String) as string, message: expect.any(String) as string });
    const unlike = await server.call('POST', '/api/projects', { surprise: 1 });
    expect(unlike).toMatchObject({ status: 400, body: { code: 'invalid-request' } });
  });
});

describe('settings', () => {
  it('are read from the environment and checked', () => {
    expect(readConfig({ DATABASE_URL: 'postgres://x' })).toMatchObject({ host: '127.0.0.1', port: 4310 });
    expect(readConfig({ DATABASE_URL: 'postgres://x', HOST: '::1', PORT: '0' })).toMatchObject({ host: '::1', port: 0 });
    expect(() => readConfig({})).toThrow(/DATABASE_URL/);
    expect(() => readConfig({ DATABASE_URL: 'x', PORT: 'abc' })).toThrow(/PORT/);
  });
});
