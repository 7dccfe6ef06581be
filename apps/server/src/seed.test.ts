import { afterAll, beforeAll, expect, it } from 'vitest';
import { seedSamples } from '../dist/seed.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

it('the samples are loaded where nothing is, left alone afterwards, and put back when asked for', async () => {
  const projects = server.services.projects('workspace_home');
  await seedSamples(server.services, { reset: false });
  const first = await projects.list();
  expect(first.length).toBeGreaterThanOrEqual(2);
  expect(first[0]!.name).toBe('Open kiln day');
  expect((await server.services.photos('workspace_home').list()).length).toBe(30);

  await projects.remove(first[1]!.id);
  await seedSamples(server.services, { reset: false });
  expect(await projects.list()).toHaveLength(first.length - 1);

  await seedSamples(server.services, { reset: true });
  const again = await projects.list();
  expect(again.map(({ name }) => name)).toEqual(first.map(({ name }) => name));
});
