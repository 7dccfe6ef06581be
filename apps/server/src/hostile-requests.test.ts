import { request } from 'node:http';
import sharp from 'sharp';
import type { Project } from '@kadrosyn/core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { hostileRequests, type HostileRequest } from '../testing/hostile-requests.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
let project: { readonly id: string; readonly document: Project };
beforeAll(async () => {
  server = await startTestServer({}, undefined, {}, 3_000);
  const { body } = await server.call('POST', '/api/projects', { name: 'Card', size: { width: 60, height: 40, unit: 'px' } });
  project = body as typeof project;
});
afterAll(() => server.close());

/** Sent as it is: what makes addresses tidy is passed by. */
function send({ method, path, headers = {}, body }: HostileRequest): Promise<{ status: number; text: string }> {
  const filled = (text: string): string => text.replace(':project', project.id).replace(':sheet', project.document.sheets[0]!.id);
  const bytes = typeof body === 'string' ? Buffer.from(filled(body)) : body;
  return new Promise((resolve, reject) => {
    const sent = request(
      { host: '127.0.0.1', port: new URL(server.address).port, method, path: filled(path), headers },
      (answer) => {
        let text = '';
        answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
        answer.on('end', () => resolve({ status: answer.statusCode!, text }));
      },
    );
    sent.on('error', reject);
    sent.end(bytes);
  });
}

/** Words of programs, which mean nothing to a person. */
const MACHINE_WORDS =
  /undefined|null\b|\[object|\/sheets|instancePath|ENOENT|FST_|Premature|Unexpected (token|end)|Unsupported Media|files limit|vips|postgres/i;

it.each(await hostileRequests())('is answered with a code and a sentence: $name', async (hostile) => {
  const { status, text } = await send(hostile);
  expect({ status, text }).not.toMatchObject({ status: 500 });
  expect(status).toBeLessThan(500);
  const answer = JSON.parse(text) as { code?: string; message?: string; files?: { error?: { code: string; message: string } }[] };
  const { code, message } = answer.files?.[0]?.error ?? answer;
  expect(status === 200 || status >= 400).toBe(true);
  expect(code).toMatch(/^[a-z-]+$/);
  expect(message).toMatch(/^[A-Z].*[.]$/s);
  expect(message).not.toMatch(MACHINE_WORDS);
  // The rest goes on as if nothing had been.
  expect(await server.call('GET', '/api/health')).toMatchObject({ status: 200 });
  expect(await server.call('GET', `/api/projects/${project.id}`)).toMatchObject({ status: 200, body: { revision: 1 } });
});

it('a photo is added while drawings that are never done are being drawn', async () => {
  const picture = (colour: string): Promise<Buffer> =>
    sharp({ create: { width: 90, height: 70, channels: 3, background: colour } })
      .png()
      .toBuffer();
  const add = async (name: string, bytes: Buffer) => {
    const form = new FormData();
    form.append('file', new Blob([new Uint8Array(bytes)]), `${name}.png`);
    return server.call('POST', '/api/photos', form);
  };
  await add('first', await picture('#123456'));
  const bowl = await picture('#cf4a22');
  const drawing = (await hostileRequests()).find(({ name }) => name === 'a drawing that is never done')!;
  const stubborn = [1, 2, 3, 4, 5].map(() => send(drawing));
  let areAllEnded = false;
  void Promise.all(stubborn).then(() => (areAllEnded = true));
  expect(await add('bowl', bowl)).toMatchObject({ status: 200, body: { files: [{ photo: { name: 'bowl' } }] } });
  expect(areAllEnded).toBe(false);
  for (const { text } of await Promise.all(stubborn)) expect(text).toContain('"too-heavy"');
});
