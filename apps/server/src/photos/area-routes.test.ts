import type { PhotoArea } from '@kadrosyn/core';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
let photoId: string;

beforeAll(async () => {
  server = await startTestServer();
  const wall = { create: { width: 60, height: 40, channels: 3 as const, background: '#8c8270' } };
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(await sharp(wall).png().toBuffer())]), 'wall.png');
  const { body } = await server.call('POST', '/api/photos', form);
  photoId = (body as { files: { photo: { id: string } }[] }).files[0]!.photo.id;
});
afterAll(() => server.close());

const corners = [
  { x: 1, y: 1 },
  { x: 9, y: 2 },
  { x: 9, y: 8 },
  { x: 1, y: 9 },
] as const;
const pane = { name: 'Pane', form: { type: 'flat', corners } } as const;
const keep = (id: string, area: object, photo = photoId) => server.call('PUT', `/api/photos/${photo}/areas/${id}`, area);
const list = async (): Promise<PhotoArea[]> =>
  ((await server.call('GET', `/api/photos/${photoId}/areas`)).body as { areas: PhotoArea[] }).areas;

describe('areas of a photo', () => {
  it('are kept, changed, removed and kept again', async () => {
    expect(await list()).toEqual([]);
    expect(await keep('area_1', pane)).toMatchObject({ status: 200, body: { id: 'area_1', ...pane } });
    await keep('area_2', { ...pane, name: 'Card' });
    await keep('area_1', { ...pane, name: 'Window' });
    expect((await list()).map(({ name }) => name)).toEqual(['Window', 'Card']);
    expect((await server.call('DELETE', `/api/photos/${photoId}/areas/area_1`)).status).toBe(204);
    expect((await list()).map(({ name }) => name)).toEqual(['Card']);
    expect((await server.call('DELETE', `/api/photos/${photoId}/areas/area_1`)).status).toBe(404);
    await keep('area_1', pane);
    expect(await list()).toContainEqual({ id: 'area_1', ...pane });
  });

  it('are refused where they are none, and where there is no photo', async () => {
    const before = await list();
    const three = await keep('area_3', { name: 'Pane', form: { type: 'flat', corners: corners.slice(0, 3) } });
    expect(three).toMatchObject({ status: 422, body: { code: 'no-area' } });
    expect((await keep('area_3', { name: 'Pane', form: { type: 'spiral' } })).status).toBe(422);
    expect((await keep('area_3', { ...pane, name: '' })).status).toBe(400);
    expect((await keep('area_3', { ...pane, owner: 'me' })).status).toBe(400);
    expect((await keep('area_3', pane, 'photo_nobody')).status).toBe(404);
    expect(await list()).toEqual(before);
  });

  it('keep how light lies on them and what stands in front, as far as that is here', async () => {
    const surface = { base: [0.6, 0.5, 0.4], light: [0.7, 0.6, 0.5] };
    const hints = { marks: [{ kind: 'keep', points: [3, 4], width: 6 }] };
    expect(await keep('area_4', { ...pane, surface, hints })).toMatchObject({ status: 200, body: { surface, hints } });
    expect(await list()).toContainEqual({ id: 'area_4', ...pane, surface, hints });
    const front = { matteSha256: '0'.repeat(64), plateSha256: '0'.repeat(64) };
    expect((await keep('area_4', { ...pane, surface, front })).status).toBe(404);
    const clear = { create: { width: 60, height: 40, channels: 4 as const, background: '#00000000' } };
    const png = new Uint8Array(await sharp(clear).png().toBuffer());
    const sent = await fetch(`${server.address}/api/photos/${photoId}/mattes`, {
      method: 'POST',
      headers: { 'content-type': 'image/png' },
      body: png,
    });
    const { matteSha256 } = (await sent.json()) as { matteSha256: string };
    const here = { matteSha256, plateSha256: matteSha256 };
    expect(await keep('area_4', { ...pane, front: here })).toMatchObject({ status: 200, body: { front: here } });
    expect(await list()).toContainEqual({ id: 'area_4', ...pane, front: here });
    expect((await keep('area_4', { ...pane, surface: { base: [2, 0, 0], light: [1, 1, 1] } })).status).toBe(422);
  });

  it('keep all that is known of what is printed on: folds, how soft the photo is, that something flat is printed', async () => {
    const points = Array.from({ length: 16 }, (_, i) => ({ x: 10 * (i % 4), y: 8 * Math.floor(i / 4) }));
    const rises = Array.from({ length: 576 }, (_, i) => (i % 9) / 1000);
    const cloth = {
      name: 'Bag',
      form: { type: 'cloth', points, folds: { middle: { x: 30, y: 20 }, rises } },
      size: { width: 250, height: 265 },
      surface: { base: [0.6, 0.5, 0.4], light: [0.7, 0.6, 0.5], blur: 0.62 },
    };
    await keep('area_5', cloth);
    await keep('area_6', { ...pane, printed: true });
    const kept = await list();
    expect(kept).toContainEqual({ id: 'area_5', ...cloth });
    expect(kept).toContainEqual({ id: 'area_6', ...pane, printed: true });
    const few = { ...cloth, form: { ...cloth.form, folds: { middle: { x: 30, y: 20 }, rises: rises.slice(1) } } };
    expect(await keep('area_5', few)).toMatchObject({ status: 422, body: { code: 'no-area' } });
  });

  it('are a hundred at most', async () => {
    const had = (await list()).length;
    for (let i = had; i < 100; i++) expect((await keep(`many_${i}`, pane)).status).toBe(200);
    const more = await keep('one_more', pane);
    expect(more).toMatchObject({
      status: 422,
      body: { code: 'too-many-areas', message: expect.stringContaining('100 areas') as string },
    });
    expect(await list()).toHaveLength(100);
    expect((await keep('many_99', { ...pane, name: 'Changed' })).status).toBe(200);
  });
});
