import { createHash } from 'node:crypto';
import pg from 'pg';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ bytes: 300_000, pixels: 1_000_000 });
});
afterAll(() => server.close());

function picture(width = 60, height = 40, seed = 1) {
  const noise = Buffer.from(Array.from({ length: width * height * 3 }, (_, i) => (i * 31 * seed) % 256));
  return sharp(noise, { raw: { width, height, channels: 3 } });
}

async function upload(...files: readonly (readonly [string, Uint8Array])[]) {
  const form = new FormData();
  for (const [name, bytes] of files) form.append('file', new Blob([new Uint8Array(bytes)]), name);
  const { status, body } = await server.call('POST', '/api/photos', form);
  return { status, files: (body as { files: Uploaded[] }).files };
}

interface Uploaded {
  readonly fileName: string;
  readonly photo?: { id: string; sha256: string; name: string; width: number; height: number; screenLevel: number };
  readonly error?: { code: string; message: string };
}

async function rows(table: 'photos' | 'blobs'): Promise<number> {
  const client = new pg.Client({ connectionString: server.databaseUrl });
  await client.connect();
  const { rows: found } = await client.query<{ count: string }>(`select count(*) from ${table}`);
  await client.end();
  return Number(found[0]!.count);
}

describe('adding photos', () => {
  it('takes JPEG, PNG and WebP in one upload and lists them, newest first', async () => {
    const { status, files } = await upload(
      ['one.jpg', await picture(60, 40, 2).jpeg().toBuffer()],
      ['two.png', await picture(50, 40, 3).png().toBuffer()],
      ['three.webp', await picture(40, 40, 5).webp().toBuffer()],
    );
    expect(status).toBe(200);
    expect(files.map(({ photo }) => [photo?.name, photo?.width])).toEqual([
      ['one', 60],
      ['two', 50],
      ['three', 40],
    ]);
    const { body } = await server.call('GET', '/api/photos');
    expect((body as { photos: { name: string }[] }).photos.slice(0, 3).map(({ name }) => name)).toEqual(['three', 'two', 'one']);
  });

  it('answers bad files each for itself, lets the others arrive and leaves nothing behind', async () => {
    const good = await picture(64, 64, 7).jpeg().toBuffer();
    const jpeg = await picture(300, 300, 11).jpeg().toBuffer();
    const huge = await picture(1200, 900).png().toBuffer();
    const before = [await rows('photos'), await rows('blobs')];
    const { files } = await upload(
      ['words.jpg', Buffer.from('just words')],
      ['cut.jpg', jpeg.subarray(0, jpeg.length / 3)],
      ['good.jpg', good],
      ['heavy.png', Buffer.concat([await picture().png().toBuffer(), Buffer.alloc(400_000)])],
      ['huge.png', huge],
      ['moving.webp', await movingPicture()],
    );
    expect(files.map(({ error }) => error?.code)).toEqual([
      'not-a-picture',
      'damaged',
      undefined,
      'too-many-bytes',
      'too-many-pixels',
      'moving-picture',
    ]);
    for (const { error } of files) if (error) expect(error.message).toMatch(/\.$/);
    // The one good photo is small: original, full size and screen are the same bytes, and a thumbnail.
    expect(await rows('photos')).toBe(before[0]! + 1);
    expect(await rows('blobs')).toBeLessThanOrEqual(before[1]! + 3);
  });

  it('does not call a picture damaged when the fault is ours; the others still arrive', async () => {
    const intake = vi.spyOn(server.services.tasks, 'intake').mockRejectedValueOnce(new TypeError('x is not a function'));
    const { files } = await upload(
      ['first.png', await picture(60, 40, 21).png().toBuffer()],
      ['second.png', await picture(60, 40, 22).png().toBuffer()],
    );
    intake.mockRestore();
    expect(files.map(({ error, photo }) => error?.code ?? photo?.name)).toEqual(['failed', 'second']);
    expect(files[0]!.error!.message).toMatch(/nothing is known to be wrong with it\. Add it again/);
  });

  it('says of an upload that ends too early that it was cut off', async () => {
    const head = '--x\r\ncontent-disposition: form-data; name="file"; filename="a.png"\r\ncontent-type: image/png\r\n\r\n';
    const response = await fetch(`${server.address}/api/photos`, {
      method: 'POST',
      headers: { 'content-type': 'multipart/form-data; boundary=x' },
      body: `${head}PNG without an end`,
    });
    expect([response.status, ((await response.json()) as { code: string }).code]).toEqual([400, 'cut-off']);
  });

  it('checks the pixel limit before anything is decoded', async () => {
    // A PNG that announces 30000 x 30000 pixels in its header and holds none.
    const header = Buffer.from(
      '89504e470d0a1a0a0000000d49484452000075300000753008020000009c13e3500000000049454e44ae426082',
      'hex',
    );
    const { files } = await upload(['bomb.png', header]);
    expect(['too-many-pixels', 'damaged']).toContain(files[0]!.error?.code);
    expect(files[0]!.photo).toBeUndefined();
  });

  it('stores the same bytes once', async () => {
    const bytes = await picture(70, 50, 13).jpeg().toBuffer();
    const [first] = (await upload(['a.jpg', bytes])).files;
    const count = await rows('blobs');
    const [second] = (await upload(['b.jpg', bytes])).files;
    expect(second!.photo).toEqual(first!.photo);
    expect(await rows('blobs')).toBe(count);
    expect(first!.photo!.sha256).toBe(createHash('sha256').update(bytes).digest('hex'));
  });

  it('refuses what is no upload', async () => {
    expect(await server.call('POST', '/api/photos', { some: 'json' })).toMatchObject({
      status: 415,
      body: { code: 'not-multipart' },
    });
    expect(await server.call('POST', '/api/photos', new FormData())).toMatchObject({ status: 400 });
  });
});

describe('what is stored', () => {
  it('is turned upright', async () => {
    const bytes = await picture(60, 40, 17).withMetadata({ orientation: 6 }).jpeg({ chromaSubsampling: '4:4:4' }).toBuffer();
    const { photo } = (await upload(['turned.jpg', bytes])).files[0]!;
    expect([photo!.width, photo!.height]).toEqual([40, 60]);
    for (const file of ['master', 'thumbnail'] as const) {
      const answer = await server.call('GET', `/api/photos/${photo!.id}/${file}`);
      const { info } = await sharp(answer.bytes).rotate().toBuffer({ resolveWithObject: true });
      expect(info.width).toBeLessThan(info.height);
    }
  });

  it('has lost where it was taken, in every file', async () => {
    const exif = { IFD0: { Artist: 'Somebody Real' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } };
    const bytes = await picture(60, 40, 19).withExif(exif).jpeg().toBuffer();
    expect(bytes.includes('Somebody Real')).toBe(true);
    const { photo } = (await upload(['place.jpg', bytes])).files[0]!;
    for (const file of ['original', 'master', 'screen', 'thumbnail']) {
      const answer = await server.call('GET', `/api/photos/${photo!.id}/${file}`);
      expect(answer.status).toBe(200);
      expect(answer.bytes.includes('Somebody Real'), file).toBe(false);
    }
  });

  it('is converted to sRGB, while the original keeps its profile', async () => {
    const solid = sharp({ create: { width: 32, height: 32, channels: 3, background: '#c04020' } });
    const wide = await solid.withIccProfile('p3').jpeg({ quality: 100, chromaSubsampling: '4:4:4' }).toBuffer();
    const { photo } = (await upload(['wide.jpg', wide])).files[0]!;
    const master = (await server.call('GET', `/api/photos/${photo!.id}/master`)).bytes;
    expect((await sharp(master).metadata()).icc).toBeUndefined();
    const [r, g, b] = await sharp(master).extract({ left: 8, top: 8, width: 1, height: 1 }).raw().toBuffer();
    expect(Math.abs(r! - 0xc0) + Math.abs(g! - 0x40) + Math.abs(b! - 0x20)).toBeLessThan(12);
    const original = (await server.call('GET', `/api/photos/${photo!.id}/original`)).bytes;
    expect((await sharp(original).metadata()).icc).toBeDefined();
  });

  it('keeps clear pixels clear', async () => {
    const clear = await sharp({ create: { width: 20, height: 20, channels: 4, background: { r: 200, g: 0, b: 0, alpha: 0.5 } } })
      .png()
      .toBuffer();
    const { photo } = (await upload(['clear.png', clear])).files[0]!;
    const { bytes } = await server.call('GET', `/api/photos/${photo!.id}/master`);
    expect((await sharp(bytes).raw().toBuffer())[3]).toBe(128);
  });

  it('has a level for the screen that is the photo halved, and may be kept by the browser for good', async () => {
    const big = await startTestServer();
    const form = new FormData();
    form.append('file', new Blob([new Uint8Array(await picture(4200, 100, 23).jpeg().toBuffer())]), 'long.jpg');
    const { body } = await big.call('POST', '/api/photos', form);
    const [{ photo }] = (body as { files: [{ photo: NonNullable<Uploaded['photo']> }] }).files;
    expect(photo.screenLevel).toBe(2);
    const answer = await big.call('GET', `/api/photos/${photo.id}/screen`);
    const { width, height } = await sharp(answer.bytes).metadata();
    expect([width, height]).toEqual([1050, 25]);
    expect(answer.headers.get('cache-control')).toContain('immutable');
    await big.close();
  });

  it('is not found under another name or id', async () => {
    expect(await server.call('GET', '/api/photos/nobody/master')).toMatchObject({ status: 404, body: { code: 'not-found' } });
    expect((await server.call('GET', '/api/photos/nobody/secret')).status).toBe(400);
    expect((await server.call('GET', '/api/photos/..%2F..%2Fx/master')).status).toBe(400);
  });
});

async function movingPicture(): Promise<Buffer> {
  const frames = Buffer.alloc(20 * 40 * 3, 90);
  frames.fill(200, 20 * 20 * 3);
  return sharp(frames, { raw: { width: 20, height: 40, channels: 3, pageHeight: 20 } })
    .webp({ loop: 0 })
    .toBuffer();
}
