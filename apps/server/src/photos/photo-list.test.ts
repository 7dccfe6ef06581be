import { newProject, newShapedOpening, type Opening, type Project } from '@kadrosyn/core';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

interface Shown {
  readonly id: string;
  readonly sha256: string;
  readonly name: string;
  readonly tags: string[];
  readonly clear: boolean;
  readonly width: number;
  readonly height: number;
}

async function add(name: string, bytes: Uint8Array): Promise<{ photo?: Shown; error?: { code: string; message: string } }> {
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(bytes)]), name);
  const { body } = await server.call('POST', '/api/photos', form);
  return (body as { files: { photo?: Shown; error?: { code: string; message: string } }[] }).files[0]!;
}

const plain = (colour: string): Promise<Buffer> =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: colour } })
    .png()
    .toBuffer();
const list = async (): Promise<Shown[]> => ((await server.call('GET', '/api/photos')).body as { photos: Shown[] }).photos;

function projectWith(photo: Shown): Project {
  const placement = { x: 50, y: 50, scale: 3, turn: 0, flipX: false, flipY: false };
  const opening: Opening = {
    ...newShapedOpening('Arch', { type: 'arch' }, { x: 50, y: 50 }, 60, 60),
    fill: { type: 'photo', photoId: photo.id, placement },
  };
  const project = newProject('Uses it', { width: 100, height: 100, unit: 'px' });
  const { id, sha256, name, width, height } = photo;
  return {
    ...project,
    photos: { [id]: { id, sha256, name, width, height } },
    sheets: [{ ...project.sheets[0]!, items: [opening] }],
  };
}

describe('photos', () => {
  it('are renamed and tagged', async () => {
    const { photo } = await add('mug.png', await plain('#aa3311'));
    const { body } = await server.call('PATCH', `/api/photos/${photo!.id}`, { name: 'Red mug', tags: ['mug', 'red', 'mug'] });
    expect(body).toMatchObject({ name: 'Red mug', tags: ['mug', 'red'] });
    expect((await list())[0]).toMatchObject({ name: 'Red mug', tags: ['mug', 'red'] });
    for (const bad of [{}, { name: '  ' }, { name: 'x', size: 3 }, { tags: [''] }]) {
      expect((await server.call('PATCH', `/api/photos/${photo!.id}`, bad)).status).toBe(400);
    }
    expect((await server.call('PATCH', '/api/photos/photo_none', { name: 'x' })).status).toBe(404);
  });

  it('that are removed are in no list, but go on showing where they are used, and come back', async () => {
    const { photo } = await add('bowl.png', await plain('#3366aa'));
    const made = await server.call('POST', '/api/projects', { document: projectWith(photo!) });
    const { id } = made.body as { id: string };
    const { body: uses } = await server.call('GET', `/api/photos/${photo!.id}/uses`);
    expect(uses).toEqual({ projects: [{ id, name: 'Uses it' }], templates: [] });
    expect((await server.call('DELETE', `/api/photos/${photo!.id}`)).status).toBe(204);
    expect((await list()).some((other) => other.id === photo!.id)).toBe(false);
    // The opening is still there, and so is its picture.
    const { body } = await server.call('GET', `/api/projects/${id}`);
    expect((body as { document: Project }).document.sheets[0]!.items).toHaveLength(1);
    const drawn = await sharp((await server.call('GET', `/api/projects/${id}/thumbnail`)).bytes)
      .removeAlpha()
      .raw()
      .toBuffer();
    expect([...drawn.subarray(3 * (50 * 100 + 50), 3 * (50 * 100 + 50) + 3)]).toEqual([0x33, 0x66, 0xaa]);
    expect((await server.call('POST', `/api/photos/${photo!.id}/return`)).status).toBe(200);
    expect((await list()).some((other) => other.id === photo!.id)).toBe(true);
  });

  it('that were removed come back when they are added again', async () => {
    const bytes = await plain('#11aa55');
    const { photo } = await add('leaf.png', bytes);
    await server.call('DELETE', `/api/photos/${photo!.id}`);
    expect((await add('leaf.png', bytes)).photo?.id).toBe(photo!.id);
    expect((await list())[0]?.id).toBe(photo!.id);
  });
});

describe('drawings', () => {
  const svg = (inside: string, head = ''): Buffer =>
    Buffer.from(`${head}<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100" width="200" height="100">${inside}</svg>`);

  it('become pictures with a clear ground, sharp at the size of a page', async () => {
    const { photo } = await add(
      'ribbon.svg',
      svg('<rect x="50" width="100" height="100" fill="#cf4a22"/>', '<?xml version="1.0"?>\n<!-- a note -->\n'),
    );
    expect(photo).toMatchObject({ name: 'ribbon', width: 4096, height: 2048, clear: true });
    const { bytes, headers } = await server.call('GET', `/api/photos/${photo!.id}/master`);
    expect(headers.get('content-type')).toBe('image/png');
    const { data } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number): number[] => [...data.subarray(4 * (y * 4096 + x), 4 * (y * 4096 + x) + 4)];
    expect(at(100, 900)[3]).toBe(0);
    expect(at(2048, 900)).toEqual([0xcf, 0x4a, 0x22, 255]);
    // The edge is drawn at this size, not enlarged.
    expect([at(1021, 900)[3], at(1027, 900)[3]]).toEqual([0, 255]);
    // What is kept is the picture: no code can be fetched back.
    expect((await server.call('GET', `/api/photos/${photo!.id}/original`)).headers.get('content-type')).toBe('image/png');
  });

  it('load nothing from outside and refuse what swells', async () => {
    const file = await add(
      'sly.svg',
      svg('<image href="file:///etc/passwd" width="9" height="9"/><image href="http://127.0.0.1:1/x.png" width="9" height="9"/>'),
    );
    expect(file.photo?.width).toBe(4096);
    const bomb = '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]>';
    expect((await add('bomb.svg', svg('<text>&b;</text>', bomb))).error?.code).toBe('damaged');
    expect((await add('broken.svg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><rect'))).error?.code).toBe('damaged');
    expect((await add('words.svg', Buffer.from('words'))).error?.code).toBe('not-a-picture');
  });
});
