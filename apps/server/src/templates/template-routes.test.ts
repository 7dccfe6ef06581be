import sharp from 'sharp';
import { newProject, newShapedOpening, type Opening, type Project } from '@kadrosyn/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const slot: Opening = {
  ...newShapedOpening('Mug', { type: 'ellipse' }, { x: 50, y: 50 }, 60, 60),
  fill: { type: 'colour', colour: '#cf4a22' },
  slot: { hint: 'Your mug', sample: true },
};
const project = newProject('Card', { width: 100, height: 100, unit: 'px' });
const document: Project = { ...project, sheets: [{ ...project.sheets[0]!, items: [slot] }] };

async function keep(name: string, words = 'card mug'): Promise<string> {
  const { status, body } = await server.call('POST', '/api/templates', { name, words, document });
  expect(status).toBe(201);
  return (body as { id: string }).id;
}

const list = async () =>
  (
    (await server.call('GET', '/api/templates')).body as {
      templates: { id: string; name: string; shipped: boolean; words: string }[];
    }
  ).templates;

describe('templates', () => {
  it('are kept, listed newest first, renamed and removed', async () => {
    const first = await keep('First');
    const second = await keep('Second', '');
    expect((await list()).map(({ name }) => name)).toEqual(['Second', 'First']);
    expect((await list())[1]).toMatchObject({ words: 'card mug', shipped: false, width: 100, unit: 'px', sheets: 1 });
    expect((await server.call('PATCH', `/api/templates/${first}`, { name: 'Third' })).status).toBe(204);
    expect((await server.call('DELETE', `/api/templates/${second}`)).status).toBe(204);
    expect((await list()).map(({ name }) => name)).toEqual(['Third']);
  });

  it('begin projects, which then are on their own', async () => {
    const id = await keep('Mug card');
    const { status, body } = await server.call('POST', `/api/templates/${id}/projects`);
    const begun = body as { id: string; document: Project };
    expect(status).toBe(201);
    expect(begun.document).toEqual({ ...document, name: 'Mug card' });
    await server.call('DELETE', `/api/templates/${id}`);
    expect((await server.call('GET', `/api/projects/${begun.id}`)).status).toBe(200);
  });

  it('that were removed can be put back as they were', async () => {
    const id = await keep('Back again', 'words');
    const { body } = await server.call('GET', `/api/templates/${id}`);
    await server.call('DELETE', `/api/templates/${id}`);
    expect((await server.call('POST', '/api/templates', body)).status).toBe(201);
    expect((await list())[0]).toMatchObject({ name: 'Back again', words: 'words' });
  });

  it('have a picture of their first sheet', async () => {
    const id = await keep('Picture');
    for (let time = 0; time < 2; time++) {
      const { bytes } = await server.call('GET', `/api/templates/${id}/thumbnail`);
      const { data, info } = await sharp(bytes).removeAlpha().raw().toBuffer({ resolveWithObject: true });
      expect([info.width, info.height]).toEqual([100, 100]);
      const middle = 3 * (50 * 100 + 50);
      expect([...data.subarray(middle, middle + 3)]).toEqual([0xcf, 0x4a, 0x22]);
    }
  });

  it('that are none are refused, and nothing is kept', async () => {
    const before = await list();
    const refused = async (body: unknown): Promise<number> => (await server.call('POST', '/api/templates', body)).status;
    expect(await refused({ name: 'x', words: '', document: { format: 'other' } })).toBe(422);
    expect(await refused({ name: ' ', words: '', document })).toBe(400);
    expect(await refused({ name: 'x', document })).toBe(400);
    const photo = { id: 'photo_gone', sha256: '0'.repeat(64), name: 'x', width: 4, height: 4 };
    const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
    const withPhoto = { ...slot, fill: { type: 'photo', photoId: photo.id, placement } };
    const missing = { ...document, photos: { [photo.id]: photo }, sheets: [{ ...document.sheets[0]!, items: [withPhoto] }] };
    expect(await refused({ name: 'x', words: '', document: missing })).toBe(422);
    expect(await list()).toEqual(before);
    for (const [method, path] of [
      ['GET', ''],
      ['DELETE', ''],
      ['POST', '/projects'],
      ['GET', '/thumbnail'],
    ] as const) {
      expect((await server.call(method, `/api/templates/template_none${path}`)).status).toBe(404);
    }
  });
});
