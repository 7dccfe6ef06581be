import Fastify from 'fastify';
import { expect, it } from 'vitest';
import { setFaultHandlers } from '../dist/fault-handler.js';
import { startTestServer } from '../testing/test-server.js';

it('a request that is never done is given up with a sentence, and the next one is answered', async () => {
  const app = Fastify({ handlerTimeout: 100 });
  setFaultHandlers(app);
  app.get('/never', () => new Promise(() => undefined));
  app.get('/well', () => ({ isWell: true }));
  const given = await app.inject('/never');
  expect(given.statusCode).toBe(503);
  expect(given.json()).toMatchObject({
    code: 'too-slow',
    message: expect.stringContaining('What was saved before is kept') as string,
  });
  expect((await app.inject('/well')).json()).toEqual({ isWell: true });
  await app.close();
});

it('the application gives every request its time', async () => {
  const server = await startTestServer();
  const { handlerTimeout, requestTimeout } = server.app.initialConfig as { handlerTimeout?: number; requestTimeout?: number };
  expect({ handlerTimeout, requestTimeout }).toEqual({ handlerTimeout: 90_000, requestTimeout: 600_000 });
  await server.close();
});
