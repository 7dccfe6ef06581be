import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({}, undefined, { projects: 7, photos: 1, bytes: 2 ** 30, requests: 20 });
});
afterAll(() => server.close());

const begin = (name: string) => server.call('POST', '/api/projects', { name, size: { width: 9, height: 9, unit: 'px' } });

async function addPhoto(colour: string) {
  const form = new FormData();
  const bytes = await sharp({ create: { width: 9, height: 9, channels: 3, background: colour } })
    .png()
    .toBuffer();
  form.append('file', new Blob([new Uint8Array(bytes)]), 'dot.png');
  return server.call('POST', '/api/photos', form);
}

describe('how much there is room for', () => {
  it('is kept to, said by health, and in a sentence to whoever asks for more', async () => {
    for (let i = 1; i <= 7; i++) expect((await begin(`Card ${i}`)).status).toBe(201);
    const one = await begin('Card 8');
    expect(one).toMatchObject({
      status: 422,
      body: { code: 'quota', message: expect.stringMatching(/7 projects.*bin/) as string },
    });
    expect((await addPhoto('#ff0000')).status).toBe(200);
    expect(await addPhoto('#00ff00')).toMatchObject({ status: 422, body: { code: 'quota' } });
    const { body } = await server.call('GET', '/api/health/room');
    expect(body).toMatchObject({ projects: { here: 7, most: 7 }, photos: { here: 1, most: 1 }, requests: { most: 20 } });
    const { bytes } = body as { bytes: { here: number; most: number } };
    expect(bytes.here).toBeGreaterThan(100);
    expect(bytes.most).toBe(2 ** 30);
  });
});

describe('lists', () => {
  it('come in pages that together hold each once, in order', async () => {
    const names: string[] = [];
    let [next, pages]: [string | null, number] = ['', 0];
    while (next !== null) {
      const { status, body } = await server.call(
        'GET',
        `/api/projects?limit=3${next ? `&after=${encodeURIComponent(next)}` : ''}`,
      );
      expect(status).toBe(200);
      const page = body as { projects: { name: string }[]; next: string | null };
      names.push(...page.projects.map(({ name }) => name));
      next = page.next;
      pages++;
    }
    expect(names).toEqual([7, 6, 5, 4, 3, 2, 1].map((i) => `Card ${i}`));
    expect(pages).toBe(3);
  });

  it.each([
    'limit=0',
    'limit=1001',
    'limit=x',
    'after=nowhere',
    `after=${encodeURIComponent("2026-01-01 00:00:00+00~x' or '1")}`,
  ])('refuse %s', async (query) => {
    expect(await server.call('GET', `/api/projects?${query}`)).toMatchObject({ status: 400, body: { code: 'invalid-request' } });
  });
});

describe('who asks too often', () => {
  it('is told so, while health goes on answering', async () => {
    const answers = await Promise.all(Array.from({ length: 220 }, () => server.call('GET', '/api/styles')));
    const refused = answers.filter(({ status }) => status === 429);
    expect(refused.length).toBeGreaterThan(0);
    expect(refused[0]!.body).toMatchObject({ code: 'too-often' });
    expect((await server.call('GET', '/api/health')).status).toBe(200);
  });
});
