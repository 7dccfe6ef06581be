import { createServer } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import { afterEach, expect, it } from 'vitest';
import { watchHealth } from './health-watch.mjs';

/** What a request is answered with: a status, or nothing ever. */
let answers;
let asked;
let server;
let stop;
afterEach(async () => {
  stop();
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
});

/** Watches a server that answers by `answers`, the last of which is repeated; how often it was to be ended. */
async function watched() {
  asked = 0;
  server = createServer((_request, response) => {
    const status = answers[Math.min(asked++, answers.length - 1)];
    if (status) response.writeHead(status).end();
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  const ended = [];
  const { port } = server.address();
  stop = watchHealth(`http://127.0.0.1:${port}/`, () => ended.push(asked), { every: 20, deadline: 700, most: 3 });
  return ended;
}

async function until(condition) {
  while (!condition()) await pause(10);
}

it('a server that hangs is ended after it was asked three times, and watched on', async () => {
  answers = [null];
  const ended = await watched();
  await until(() => ended.length === 2);
  expect(ended).toEqual([3, 6]);
});

it('a server that answers, even that it is not well, is left alone, and so is one that missed two', async () => {
  answers = [200, null, null, 503, null, null, 200];
  const ended = await watched();
  await until(() => asked >= 12);
  expect(ended).toEqual([]);
});
