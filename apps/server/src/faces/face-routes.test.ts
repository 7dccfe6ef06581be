import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newLettering, newProject } from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import sharp from 'sharp';
import { DAMAGED_FONTS, GOOD_TTF, GOOD_WOFF, GOOD_WOFF2, REFUSED_FONTS, VARIABLE_TTF } from '../../testing/hostile-fonts.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

interface Face {
  readonly id: string;
  readonly name: string;
  readonly similar: string;
  readonly axes: Record<string, { min: number; max: number }>;
}
const add = (bytes: Buffer, name = 'font.ttf') => {
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(bytes)]), name);
  return server.call('POST', '/api/faces', form);
};
const list = async () => ((await server.call('GET', '/api/faces')).body as { faces: Face[] }).faces;

describe('faces of one’s own', () => {
  it.each([
    ['TTF', GOOD_TTF],
    ['WOFF', GOOD_WOFF],
    ['WOFF2', GOOD_WOFF2],
  ])('are taken as %s, and come back as a font with the same letters', async (_kind, bytes) => {
    const { status, body } = await add(bytes);
    expect(status).toBe(201);
    const face = body as Face;
    expect(face.name).toBe('Shrikhand');
    expect(face.similar).toBe('shrikhand');
    expect(await list()).toContainEqual(face);
    const file = await server.call('GET', `/api/faces/${face.id}/file`);
    expect([...file.bytes.subarray(0, 4)]).toEqual([0, 1, 0, 0]);
    const shaper = await loadShaperFrom(server.services.config.facesFolder);
    const own = shaper.with([{ id: face.id, files: [file.bytes] }]);
    const run = { text: 'Kiln', axes: {}, size: 100, tracking: 0 };
    const shipped = own.shapeLine([{ ...run, face: 'shrikhand' }]);
    expect(own.shapeLine([{ ...run, face: face.id }]).advance).toBeCloseTo(shipped.advance, 3);
  });

  it('say their axes, are there once, and can be removed', async () => {
    const first = (await add(VARIABLE_TTF)).body as Face;
    expect(first.axes).toMatchObject({ wght: { min: 300, max: 700 }, wdth: { min: 75, max: 125 } });
    const again = (await add(VARIABLE_TTF, 'another name.ttf')).body as Face;
    expect(again.id).toBe(first.id);
    expect((await list()).filter(({ id }) => id === first.id)).toHaveLength(1);
    expect((await server.call('DELETE', `/api/faces/${first.id}`)).status).toBe(204);
    expect((await server.call('GET', `/api/faces/${first.id}/file`)).status).toBe(404);
    expect((await server.call('DELETE', `/api/faces/${first.id}`)).status).toBe(404);
  });

  it('are drawn in exports and pictures of projects', async () => {
    const face = (await add(GOOD_TTF)).body as Face;
    const shaper = (await loadShaperFrom(server.services.config.facesFolder)).with([{ id: face.id, files: [GOOD_TTF] }]);
    const pictureIn = async (id: string): Promise<Buffer> => {
      const project = newProject('Faces', { width: 400, height: 200, unit: 'px' });
      const ink = { type: 'colour', colour: '#20272a' } as const;
      const word = newLettering({ text: 'Mug', face: id, axes: {}, size: 120 }, { x: 200, y: 100 }, ink, shaper);
      const document = { ...project, sheets: [{ ...project.sheets[0]!, items: [word] }] };
      const made = (await server.call('POST', '/api/projects', { document })).body as { id: string };
      const { bytes } = await server.call('GET', `/api/projects/${made.id}/thumbnail`);
      return sharp(bytes).removeAlpha().raw().toBuffer();
    };
    const [own, shipped, other] = [await pictureIn(face.id), await pictureIn('shrikhand'), await pictureIn('archivo')];
    expect(own.equals(shipped)).toBe(true);
    expect(own.equals(other)).toBe(false);
  });

  it('answer for requests that are none', async () => {
    expect((await server.call('POST', '/api/faces', { name: 'x' })).status).toBe(415);
    expect((await server.call('POST', '/api/faces', new FormData())).status).toBe(400);
  });
});

describe('hostile fonts', () => {
  it.each(REFUSED_FONTS.map((font) => [font.name, font.bytes] as const))('refused: %s', async (_name, bytes) => {
    const before = await list();
    const { status, body } = await add(bytes);
    expect(status).toBe(422);
    expect(body).toMatchObject({ message: expect.stringMatching(/Nothing was added\.$/) as string });
    expect(await list()).toEqual(before);
  });

  it.each(DAMAGED_FONTS.map((font) => [font.name, font.bytes] as const))('taken or refused: %s', async (_name, bytes) => {
    const { status } = await add(bytes);
    expect([201, 422]).toContain(status);
    // And the server goes on.
    expect((await server.call('GET', '/api/health')).status).toBe(200);
  });

  it('are many', () => expect(REFUSED_FONTS.length + DAMAGED_FONTS.length).toBeGreaterThanOrEqual(40));
});
