import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

/** What the outside service does with the next request. */
let answer: RequestListener = (_request, response) => response.end();
let outside: Server;
let server: TestServer;

beforeAll(async () => {
  outside = createServer((request, response) => answer(request, response));
  await new Promise<void>((resolve) => outside.listen(0, '127.0.0.1', resolve));
  const libraryUrl = `http://127.0.0.1:${(outside.address() as AddressInfo).port}`;
  server = await startTestServer({ bytes: 200_000 }, { libraryUrl, libraryPatience: 400 });
});
afterAll(async () => {
  await server.close();
  outside.closeAllConnections();
  outside.close();
});

const json =
  (value: unknown): RequestListener =>
  (_request, response) =>
    response.setHeader('content-type', 'application/json').end(JSON.stringify(value));
const bytes =
  (value: Buffer, type = 'image/jpeg'): RequestListener =>
  (_request, response) =>
    response.setHeader('content-type', type).end(value);

const page = {
  total: 1,
  page: 1,
  pages: 1,
  pictures: [{ id: 'heron', title: 'Heron', tags: ['bird'], width: 60, height: 40 }],
};
const code = ({ body }: { body: unknown }): string => (body as { code: string }).code;

describe('searching the picture library', () => {
  it('passes words and page on and gives the answer', async () => {
    let asked = '';
    answer = (request, response) => {
      asked = request.url!;
      json(page)(request, response);
    };
    const { status, body } = await server.call('GET', '/api/library/pictures?words=clay%20bird&page=3');
    expect(status).toBe(200);
    expect(body).toEqual(page);
    expect(asked).toBe('/v1/pictures?words=clay+bird&page=3');
  });

  it('says when it is slow, and does not wait longer', async () => {
    answer = () => undefined;
    const slow = await server.call('GET', '/api/library/pictures');
    expect([slow.status, code(slow)]).toEqual([504, 'library-slow']);
    expect((slow.body as { message: string }).message).toContain('takes too long');
  });

  const FAILURES: readonly (readonly [string, RequestListener])[] = [
    ['an error', (_request, response) => response.writeHead(500).end()],
    ['no JSON', bytes(Buffer.from('<html>'), 'text/html')],
    ['another shape', json({ pictures: [{ id: '../x', title: 1 }] })],
    ['a cut off answer', (request) => request.destroy()],
    ['too much', bytes(Buffer.alloc(2 ** 21), 'application/json')],
  ];

  it.each(FAILURES)('says when it answers with %s', async (_name, does) => {
    answer = does;
    const failed = await server.call('GET', '/api/library/pictures');
    expect([failed.status, code(failed)]).toEqual([502, 'library-failed']);
  });
});

describe('taking a picture over', () => {
  const take = () => server.call('POST', '/api/library/pictures/heron', { title: 'Heron', tags: ['bird'] });

  it('makes it a photo of one’s own, with its title and tags', async () => {
    answer = bytes(
      await sharp({ create: { width: 60, height: 40, channels: 3, background: '#336699' } })
        .jpeg()
        .toBuffer(),
    );
    const { status, body } = await take();
    expect(status).toBe(200);
    expect(body).toMatchObject({ name: 'Heron', tags: ['bird'], width: 60, height: 40, clear: false });
    const { body: list } = await server.call('GET', '/api/photos');
    expect((list as { photos: { name: string }[] }).photos.map(({ name }) => name)).toEqual(['Heron']);
  });

  it('keeps nothing of a file that is no picture, or too large', async () => {
    answer = bytes(Buffer.from('no picture'));
    expect(code(await take())).toBe('library-failed');
    answer = bytes(Buffer.alloc(300_000));
    expect(code(await take())).toBe('library-failed');
    answer = (_request, response) => void response.writeHead(404).end();
    expect(code(await take())).toBe('not-found');
    const { body } = await server.call('GET', '/api/photos');
    expect((body as { photos: unknown[] }).photos).toHaveLength(1);
  });

  it('hands out small pictures, and nothing that is none', async () => {
    const small = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#336699' } })
      .jpeg()
      .toBuffer();
    answer = bytes(small);
    const shown = await server.call('GET', '/api/library/pictures/heron/thumbnail');
    expect([shown.status, shown.bytes.equals(small)]).toEqual([200, true]);
    answer = bytes(Buffer.from('<script>'), 'text/html');
    expect(code(await server.call('GET', '/api/library/pictures/heron/thumbnail'))).toBe('library-failed');
  });
});

describe('without a picture library', () => {
  it('everything else works, and it is said', async () => {
    const alone = await startTestServer();
    const absent = await alone.call('GET', '/api/library/pictures');
    expect([absent.status, code(absent)]).toEqual([503, 'library-absent']);
    expect((await alone.call('GET', '/api/photos')).status).toBe(200);
    await alone.close();
  });
});
