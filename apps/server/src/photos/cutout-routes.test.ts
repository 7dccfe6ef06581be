import { newProject, newShapedOpening, type CutoutRevision, type Opening, type Project } from '@kadrosyn/core';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const [WIDTH, HEIGHT] = [60, 40];
let server: TestServer;
let photo: { readonly id: string; readonly sha256: string };
let matteSha256: string;

beforeAll(async () => {
  server = await startTestServer();
  const green = { create: { width: WIDTH, height: HEIGHT, channels: 3 as const, background: '#2f9e44' } };
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(await sharp(green).png().toBuffer())]), 'leaf.png');
  const { body } = await server.call('POST', '/api/photos', form);
  photo = (body as { files: { photo: typeof photo }[] }).files[0]!.photo;
  const { status, body: answer } = await send(await cutoutPng(WIDTH, HEIGHT));
  expect(status).toBe(201);
  ({ matteSha256 } = answer as { matteSha256: string });
});
afterAll(() => server.close());

/** The picture of a cutout: what lies left of the edge is subject, one column of it half. */
function cutoutPng(width: number, height: number, edge = width / 2): Promise<Buffer> {
  const data = Buffer.alloc(width * height * 4);
  for (let i = 0; i < width * height; i++) {
    const x = i % width;
    if (x < edge) data[4 * i + 3] = 255;
    else if (x === edge) data.set([200, 0, 0, 128], 4 * i);
  }
  return sharp(data, { raw: { width, height, channels: 4 } })
    .png()
    .toBuffer();
}

async function send(bytes: Uint8Array, type = 'image/png', id = photo.id): Promise<{ status: number; body: unknown }> {
  const body = new Uint8Array(bytes);
  const response = await fetch(`${server.address}/api/photos/${id}/mattes`, {
    method: 'POST',
    headers: { 'content-type': type },
    body,
  });
  return { status: response.status, body: await response.json() };
}

const marks: CutoutRevision['marks'] = [
  { kind: 'box', points: [0, 0, 30, 40] },
  { kind: 'keep', points: [5, 5, 20, 20], width: 4 },
];

function keep(cutout: string, sha256: string, change: object = {}) {
  const request = { name: 'Leaf', marks, ...change };
  return server.call('PUT', `/api/photos/${photo.id}/cutouts/${cutout}/revisions/${sha256}`, request);
}

const list = async (): Promise<{ id: string; name: string; revisions: CutoutRevision[] }[]> =>
  ((await server.call('GET', `/api/photos/${photo.id}/cutouts`)).body as { cutouts: [] }).cutouts;

describe('mattes', () => {
  it('are kept as they came, at full size and for the screen', async () => {
    for (const size of ['full', 'screen']) {
      const { status, bytes, headers } = await server.call('GET', `/api/photos/${photo.id}/mattes/${matteSha256}/${size}`);
      expect(status).toBe(200);
      expect(headers.get('cache-control')).toContain('immutable');
      const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
      expect(info).toMatchObject({ width: WIDTH, height: HEIGHT, channels: 4 });
      expect([...data.subarray(4 * 30, 4 * 31)]).toEqual([200, 0, 0, 128]);
    }
  });

  it('are half the size for the screen where the photo is large', async () => {
    const wide = { create: { width: 3000, height: 200, channels: 3 as const, background: '#2f9e44' } };
    const form = new FormData();
    form.append('file', new Blob([new Uint8Array(await sharp(wide).png().toBuffer())]), 'wide.png');
    const { body } = await server.call('POST', '/api/photos', form);
    const { id, screenLevel } = (body as { files: { photo: { id: string; screenLevel: number } }[] }).files[0]!.photo;
    expect(screenLevel).toBe(1);
    const sent = await send(await cutoutPng(3000, 200), 'image/png', id);
    const sha256 = (sent.body as { matteSha256: string }).matteSha256;
    const { bytes } = await server.call('GET', `/api/photos/${id}/mattes/${sha256}/screen`);
    const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
    expect(info).toMatchObject({ width: 1500, height: 100 });
    // The column of half clear px is mixed with a clear one.
    expect(data[4 * 750 + 3]).toBe(64);
    expect(data[4 * 749 + 3]).toBe(255);
  });

  it('are refused where they do not fit, are no PNG, or have no photo', async () => {
    const small = await send(await cutoutPng(20, 20));
    expect(small.status).toBe(422);
    expect((small.body as { message: string }).message).toContain('20 × 20 px, the photo 60 × 40');
    expect((await send(Buffer.from('no picture'))).status).toBe(422);
    expect((await send(await cutoutPng(WIDTH, HEIGHT), 'image/jpeg')).status).toBe(415);
    expect((await send(await cutoutPng(WIDTH, HEIGHT), 'image/png', 'nobody')).status).toBe(404);
    expect((await server.call('GET', `/api/photos/${photo.id}/mattes/${'0'.repeat(64)}/full`)).status).toBe(404);
  });
});

describe('cutouts', () => {
  it('are named, have revisions that never change, and there may be several', async () => {
    const other = ((await send(await cutoutPng(WIDTH, HEIGHT, 20))).body as { matteSha256: string }).matteSha256;
    expect((await keep('whole', matteSha256)).status).toBe(200);
    const settings = { edge: { shift: 0.2, softness: -0.5, colourOut: 1 }, pieces: { specks: 'out', holes: 'filled' } };
    expect((await keep('whole', other, { name: 'Whole leaf', ...settings })).status).toBe(200);
    expect((await keep('part', matteSha256, { name: 'What it holds' })).status).toBe(200);
    const cutouts = await list();
    expect(cutouts.map(({ id, name, revisions }) => [id, name, revisions.length])).toEqual([
      ['whole', 'Whole leaf', 2],
      ['part', 'What it holds', 1],
    ]);
    expect(cutouts[0]!.revisions[0]).toEqual({ matteSha256, marks });
    expect(cutouts[0]!.revisions[1]).toEqual({ matteSha256: other, marks, ...settings });
  });

  it('are named by what they show: two windows add theirs at the same time, and what shows the same is there once', async () => {
    const pictures = await Promise.all([10, 15, 25].map((edge) => cutoutPng(WIDTH, HEIGHT, edge)));
    const sent = await Promise.all(pictures.map((png) => send(png)));
    const names = sent.map(({ body }) => (body as { matteSha256: string }).matteSha256);
    const kept = await Promise.all(names.map((sha256) => keep('both', sha256)));
    expect(kept.map(({ status }) => status)).toEqual([200, 200, 200]);
    const revisions = async () => (await list()).find(({ id }) => id === 'both')!.revisions;
    expect((await revisions()).map((revision) => revision.matteSha256).toSorted()).toEqual(names.toSorted());
    const again: CutoutRevision['marks'] = [{ kind: 'suggest', points: [] }];
    expect((await keep('both', names[0]!, { marks: again })).status).toBe(200);
    expect(await revisions()).toHaveLength(3);
    expect((await revisions()).at(-1)).toEqual({ matteSha256: names[0], marks: again });
  });

  it('are refused without their matte, and with marks that no project can hold', async () => {
    expect((await keep('other', '1'.repeat(64))).status).toBe(404);
    expect((await keep('other', matteSha256, { marks: [{ kind: 'scribble', points: [] }] })).status).toBe(422);
    expect((await keep('other', matteSha256, { marks: [{ kind: 'keep', points: ['here'] }] })).status).toBe(422);
    expect((await keep('other', matteSha256, { edge: { shift: 7, softness: 0, colourOut: 1 } })).status).toBe(422);
    expect((await list()).map(({ id }) => id)).not.toContain('other');
  });
});

describe('an export', () => {
  it('shows the subject alone, with its own colours at the edge; a project that shows a cutout that is not here is refused', async () => {
    const placement = { x: 30, y: 20, scale: 1, turn: 0, flipX: false, flipY: false };
    const opening: Opening = {
      ...newShapedOpening('Leaf', { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 30, y: 20 }, WIDTH, HEIGHT),
      fill: { type: 'photo', photoId: photo.id, placement, cutout: { id: 'whole', revision: matteSha256 }, show: 'subject' },
    };
    const project = newProject('Subject', { width: WIDTH, height: HEIGHT, unit: 'px' });
    const cutouts = [{ id: 'whole', name: 'Leaf', revisions: [{ matteSha256, marks }] }];
    const document: Project = {
      ...project,
      photos: { [photo.id]: { id: photo.id, sha256: photo.sha256, name: 'leaf', width: WIDTH, height: HEIGHT, cutouts } },
      sheets: [{ ...project.sheets[0]!, background: { type: 'none' }, items: [opening] }],
    };
    const lost = { photoId: photo.id, matteSha256: '1'.repeat(64) };
    const swept = JSON.parse(JSON.stringify(document).replaceAll(matteSha256, lost.matteSha256)) as Project;
    const refused = await server.call('POST', '/api/projects', { document: swept });
    expect(refused).toMatchObject({ status: 422, body: { code: 'file-missing', detail: { photoIds: [], mattes: [lost] } } });
    const made = await server.call('POST', '/api/projects', { document });
    expect(made.status).toBe(201);
    const { id } = made.body as { id: string };
    const begun = await server.call('POST', `/api/projects/${id}/exports`, {
      sheetIds: [document.sheets[0]!.id],
      file: { type: 'png', scale: 1 },
    });
    const exportId = (begun.body as { id: string }).id;
    await expect
      .poll(async () => ((await server.call('GET', `/api/exports/${exportId}`)).body as { state: string }).state, {
        timeout: 60_000,
      })
      .toBe('done');
    const { bytes } = await server.call('GET', `/api/exports/${exportId}/file`);
    const { data } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    const at = (x: number): number[] => [...data.subarray(4 * (20 * WIDTH + x), 4 * (20 * WIDTH + x) + 4)];
    expect(at(10)).toEqual([47, 158, 68, 255]);
    expect(at(30)[0]).toBeGreaterThan(190);
    expect(at(30)[3]).toBeCloseTo(128, -1);
    expect(at(50)[3]).toBe(0);
  });
});
