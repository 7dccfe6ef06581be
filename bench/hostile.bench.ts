import { readdir, readFile, mkdtemp, rm } from 'node:fs/promises';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type { Project } from '@kadrosyn/core';
import sharp from 'sharp';
import { hostileRequests, upload, type HostileRequest } from '../apps/server/testing/hostile-requests.js';
import { STUBBORN_DRAWINGS } from '../apps/server/testing/stubborn-drawings.js';
import { startApplication } from '../e2e/support/started.js';
import { about, detail, figure, once } from './figure.js';

const COUNT = 300;

about(`
Three hundred hostile requests, four at a time: the thirty of the tests, and others made of them by cutting, repeating and changing bytes, the same each
time; among them drawings that are never done and a photo of 108 million px. How many were answered by a fault of the server or not at all, the longest time in which health did not answer, and the most memory that the server
and the processes that work for it held.
`);
once();

const folder = await mkdtemp(join(tmpdir(), 'kadrosyn-hostile-'));
const started = await startApplication(folder, ['--empty']);
const { port } = new URL(started.address);

function send({ method, path, headers = {}, body }: HostileRequest): Promise<{ status: number; text: string }> {
  return new Promise((resolve) => {
    const sent = request({ host: '127.0.0.1', port, method, path, headers, timeout: 60_000 }, (answer) => {
      let text = '';
      answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
      answer.on('end', () => resolve({ status: answer.statusCode!, text }));
    });
    sent.on('error', (error) => resolve({ status: 0, text: error.message }));
    sent.on('timeout', () => sent.destroy(new Error('no answer within a minute')));
    sent.end(body);
  });
}

const size = JSON.stringify({ name: 'Card', size: { width: 60, height: 40, unit: 'px' } });
const made = await send({
  name: '',
  method: 'POST',
  path: '/api/projects',
  headers: { 'content-type': 'application/json' },
  body: size,
});
const { id, document } = JSON.parse(made.text) as { id: string; document: Project };

/** Numbers of a linear congruential generator, 0 to 1: the same each time. */
let state = 2026;
const random = (): number => (state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0) / 2 ** 32;

/** The same request with some bytes of its body changed, cut off or repeated. */
function changed(hostile: HostileRequest): HostileRequest {
  const body = Buffer.from(hostile.body ?? '');
  if (body.length < 4) return { ...hostile, path: hostile.path + String.fromCharCode(33 + Math.floor(random() * 90)) };
  const at = Math.floor(random() * body.length);
  const kind = Math.floor(random() * 3);
  if (kind === 0) return { ...hostile, body: body.subarray(0, at) };
  if (kind === 1) return { ...hostile, body: Buffer.concat([body.subarray(0, at), body.subarray(at >> 1)]) };
  for (let i = 0; i < 8; i++) body[Math.floor(random() * body.length)] = Math.floor(random() * 256);
  return { ...hostile, body };
}

const filled = (text: string): string => text.replace(':project', id).replace(':sheet', document.sheets[0]!.id);
const thirty = (await hostileRequests()).map((hostile) => ({
  ...hostile,
  path: filled(hostile.path),
  ...(typeof hostile.body === 'string' ? { body: filled(hostile.body) } : {}),
}));
const enormous = await sharp({ create: { width: 12_000, height: 9_000, channels: 3, background: '#c85a1e' } })
  .png()
  .toBuffer();
const heavy = [
  ...Object.entries(STUBBORN_DRAWINGS).map(([name, drawing]) => upload(name, 'a.svg', Buffer.from(drawing))),
  upload('a photo of 108 million px', 'a.png', enormous),
];
const all = Array.from({ length: COUNT }, (_, i) => (i < thirty.length ? thirty[i]! : changed(thirty[i % thirty.length]!)));
all.splice(40, heavy.length, ...heavy);

let [isGoing, longest, memory, tasks] = [true, 0, 0, 0];
const watched = (async () => {
  while (isGoing) {
    const from = performance.now();
    await fetch(`${started.address}/api/health`);
    longest = Math.max(longest, performance.now() - from);
    for (const entry of await readdir('/proc')) {
      if (!/^\d+$/.test(entry)) continue;
      const command = await readFile(`/proc/${entry}/cmdline`, 'latin1').catch(() => '');
      const pages = Number((await readFile(`/proc/${entry}/statm`, 'latin1').catch(() => '0 0')).split(' ')[1]);
      if (command.includes('server/dist/main.js')) memory = Math.max(memory, pages / 256);
      if (command.includes('task-process.js')) tasks = Math.max(tasks, pages / 256);
    }
    await pause(20);
  }
})();
let [faults, silent, next] = [0, 0, 0];
await Promise.all(
  Array.from({ length: 4 }, async () => {
    while (next < all.length) {
      const hostile = all[next++]!;
      const { status, text } = await send(hostile);
      if (status >= 500) faults++;
      if (status === 0) silent++;
      if (status >= 500 || status === 0) detail(`${hostile.name}: ${status} ${text.slice(0, 200).replaceAll('\n', ' ')}`);
    }
  }),
);
isGoing = false;
await watched;
figure('hostile.requests', COUNT, 'requests');
figure('hostile.faults', faults, 'requests', { most: 0 });
figure('hostile.unanswered', silent, 'requests', { most: 0 });
figure('hostile.health.gap', longest, 'ms');
figure('hostile.server.memory', memory, 'MB');
figure('hostile.task.memory', tasks, 'MB', { most: 900 });
await started.stop();
await rm(folder, { recursive: true, force: true });
