import { execFile } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { newLettering, newProject, newShapedOpening, type Project } from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import { unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seedSamples } from '../../dist/seed.js';
import { GOOD_WOFF2 } from '../../testing/hostile-fonts.js';
import { startTestServer, type Answer, type TestServer } from '../../testing/test-server.js';

const COMMAND = fileURLToPath(new URL('../../../../packages/cli/bin/kadrosyn.mjs', import.meta.url));
/** ms. */
const WAIT = { timeout: 120_000 };

let [here, there]: TestServer[] = [];
beforeAll(async () => {
  [here, there] = await Promise.all([startTestServer(), startTestServer()]);
});
afterAll(() => Promise.all([here!.close(), there!.close()]));

interface Stored {
  readonly id: string;
  readonly document: Project;
}

function form(bytes: Uint8Array, name = 'file'): FormData {
  const sent = new FormData();
  sent.append('file', new Blob([new Uint8Array(bytes)]), name);
  return sent;
}

const bring = (server: TestServer, bytes: Uint8Array): Promise<Answer> =>
  server.call('POST', '/api/kadro', form(bytes, 'x.kadro'));

async function brought(server: TestServer, bytes: Uint8Array): Promise<Stored> {
  const { status, body } = await bring(server, bytes);
  expect([status, body]).toMatchObject([201, { id: expect.any(String) as string }]);
  return body as Stored;
}

const take = async (server: TestServer, id: string): Promise<Buffer> => {
  const { status, bytes } = await server.call('GET', `/api/projects/${id}/kadro`);
  expect(status).toBe(200);
  return bytes;
};

/** The same with photos named by what people call them: a photo whose file was kept in another form here gets another id elsewhere. */
function named(document: Project): unknown {
  const photos = Object.values(document.photos);
  const text = photos.reduce(
    (all, { id, sha256, name }) => all.replaceAll(id, name).replaceAll(sha256, name),
    JSON.stringify(document),
  );
  return JSON.parse(text);
}

function picturesIn(files: Readonly<Record<string, Uint8Array>>): [string, Uint8Array][] {
  return Object.entries(files).filter(([name]) => name.startsWith('sheets/'));
}

/** A sheet as a PNG, drawn by the command line without a server. */
async function drawnByCommand(file: Uint8Array, sheetId: string): Promise<Buffer> {
  const folder = await mkdtemp(join(tmpdir(), 'kadrosyn-kadro-'));
  try {
    const [project, picture] = [join(folder, 'project.kadro'), join(folder, 'picture.png')];
    await writeFile(project, file);
    await promisify(execFile)(process.execPath, [
      COMMAND,
      'export',
      project,
      '--sheet',
      sheetId,
      '--scale',
      '0.5',
      '-o',
      picture,
    ]);
    return await readFile(picture);
  } finally {
    await rm(folder, { recursive: true });
  }
}

/** The same by the server. */
async function drawnHere(projectId: string, sheetId: string): Promise<Buffer> {
  const asked = { sheetIds: [sheetId], file: { type: 'png', scale: 0.5 } };
  const { id } = (await here!.call('POST', `/api/projects/${projectId}/exports`, asked)).body as { id: string };
  await expect.poll(async () => (await here!.call('GET', `/api/exports/${id}`)).body, WAIT).toMatchObject({ state: 'done' });
  return (await here!.call('GET', `/api/exports/${id}/file`)).bytes;
}

/** How much of everything a server holds. */
async function amounts(server: TestServer): Promise<unknown> {
  const [photos, projects, faces] = [
    await server.services.photos('workspace_home').amount(),
    await server.services.projects('workspace_home').count(),
    await server.services.faces('workspace_home').list(),
  ];
  return { photos, projects, faces: faces.length };
}

/** With a cutout, and with an imprint on a product. */
const SOME_SAMPLES = ['Fox on a tilted print', 'Mug listing'];

describe('samples as files', () => {
  it('come back as they were, here and elsewhere, and their pictures to the byte', async () => {
    await seedSamples(here!.services, { reset: false });
    const { rows } = await here!.services.projects('workspace_home').list({ limit: 1000 });
    const some = rows.filter(({ name }) => SOME_SAMPLES.includes(name));
    expect(some.length).toBe(SOME_SAMPLES.length);
    for (const { id } of some) {
      const { body } = await here!.call('GET', `/api/projects/${id}`);
      const { document } = body as Stored;
      const file = await take(here!, id);
      const elsewhere = await brought(there!, file);
      expect(named(elsewhere.document)).toEqual(named(document));
      expect((await brought(here!, file)).document).toEqual(document);
      expect(await drawnByCommand(file, document.sheets[0]!.id)).toEqual(await drawnHere(id, document.sheets[0]!.id));
      const [before, after] = [unzipSync(file), unzipSync(await take(there!, elsewhere.id))].map(picturesIn);
      expect(after).toEqual(before);
      expect(before!.length).toBe(document.sheets.length);
    }
    const cutouts = async (server: TestServer): Promise<number> => {
      const photos = (await server.services.photos('workspace_home').list({ limit: 1000 })).rows;
      const all = await Promise.all(photos.map(({ id }) => server.services.cutouts('workspace_home').list(id)));
      return all.flat().length;
    };
    expect(await cutouts(there!)).toBeGreaterThan(0);
    // What a photo shows in its areas is offered there too, without pictures that are the project's own.
    const mug = (await there!.services.photos('workspace_home').list({ limit: 1000 })).rows.find(
      ({ name }) => name === 'mug-blank',
    );
    const areas = await there!.services.areas('workspace_home').list(mug!.id);
    expect(areas.length).toBeGreaterThan(0);
    for (const area of areas) expect(Object.keys(area)).not.toContain('front');
  });
});

describe('a project of one’s own', () => {
  let photo: { readonly id: string; readonly sha256: string; readonly width: number; readonly height: number };
  let kept: Stored;
  let file: Buffer;

  beforeAll(async () => {
    // A photo with notes is kept without them, so that the file in the archive is not the one that was added.
    const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#2f9e44' } })
      .withExif({ IFD0: { Copyright: 'Wrenfold' } })
      .jpeg({ quality: 90 })
      .toBuffer();
    const photos = await here!.call('POST', '/api/photos', form(bytes, 'leaf.jpg'));
    photo = (photos.body as { files: { photo: typeof photo }[] }).files[0]!.photo;
    const face = (await here!.call('POST', '/api/faces', form(GOOD_WOFF2, 'own.woff2'))).body as { id: string };
    const shaper = await loadShaperFrom(here!.services.config.facesFolder);
    const made = newProject('Leaf', { width: 200, height: 100, unit: 'px' });
    const ink = { type: 'colour', colour: '#20272a' } as const;
    const own = newLettering({ text: 'Leaf', face: face.id, axes: {}, size: 30 }, { x: 100, y: 50 }, ink, shaper);
    const leaf = {
      ...newShapedOpening('Leaf', { type: 'ellipse' }, { x: 50, y: 50 }, 60, 60),
      fill: {
        type: 'photo' as const,
        photoId: photo.id,
        placement: { x: 0, y: 0, scale: 2, turn: 0, flipX: false, flipY: false },
      },
    };
    const { id, sha256, width, height } = photo;
    const document: Project = {
      ...made,
      photos: { [id]: { id, sha256, name: 'leaf', width, height } },
      sheets: [{ ...made.sheets[0]!, items: [leaf, own] }],
    };
    const { status, body } = await here!.call('POST', '/api/projects', { document });
    expect(status).toBe(201);
    kept = body as Stored;
    file = await take(here!, kept.id);
  });

  it('has its font in it as it was added, and is drawn with it elsewhere', async () => {
    const [name] = Object.keys(unzipSync(file)).filter((each) => each.startsWith('faces/'));
    expect(Buffer.from(unzipSync(file)[name!]!)).toEqual(GOOD_WOFF2);
    const elsewhere = await brought(there!, file);
    expect((await there!.call('GET', '/api/faces')).body).toMatchObject({ faces: [{ id: name!.slice(6, -6) }] });
    expect(picturesIn(unzipSync(await take(there!, elsewhere.id)))).toEqual(picturesIn(unzipSync(file)));
  });

  it('gives a photo the name of what is in the file where it had another, and is found again under that', async () => {
    const elsewhere = await brought(there!, file);
    const [id] = Object.keys(elsewhere.document.photos);
    const [, bytes] = Object.entries(unzipSync(file)).find(([name]) => name.startsWith('photos/'))!;
    expect(id).toBe(`photo_${createHash('sha256').update(bytes).digest('hex').slice(0, 24)}`);
    expect(id).not.toBe(photo.id);
    expect(Object.keys((await brought(there!, file)).document.photos)).toEqual([id]);
    expect(Object.keys((await brought(here!, file)).document.photos)).toEqual([photo.id]);
  });

  it('can not put one picture in the place of another', async () => {
    const red = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#c03030' } })
      .png()
      .toBuffer();
    const files = unzipSync(file);
    const name = Object.keys(files).find((each) => each.startsWith('photos/'))!;
    const forged = Object.fromEntries(Object.entries(files).filter(([each]) => each !== name));
    const stored = await brought(here!, zipSync({ ...forged, [`photos/${photo.id}.png`]: red }));
    expect(Object.keys(stored.document.photos)).not.toEqual([photo.id]);
    const before = await here!.call('GET', `/api/photos/${photo.id}/master`);
    expect(before.bytes).toEqual(Buffer.from(files[name]!));
  });

  it('has a picture that it names twice once from then on, with the areas of both', async () => {
    const files = unzipSync(file);
    const name = Object.keys(files).find((each) => each.startsWith('photos/'))!;
    const { document } = kept;
    const [leaf, own] = document.sheets[0]!.items;
    const form = { type: 'round', centre: { x: 20, y: 15 }, rx: 5, ry: 4, turn: 0 } as const;
    const areaOf = (id: string) => ({ areas: [{ id, name: id, form }] });
    const first = document.photos[photo.id]!;
    const twin = { ...first, id: 'photo_twin', ...areaOf('area_twin') };
    const shown = { ...leaf!, id: 'twin', fill: { ...(leaf as { fill: object }).fill, photoId: twin.id } };
    const twice = {
      ...document,
      photos: { [photo.id]: { ...first, ...areaOf('area_first') }, [twin.id]: twin },
      sheets: [{ ...document.sheets[0]!, items: [leaf, shown, own] }],
    };
    const extension = name.slice(name.lastIndexOf('.'));
    const archive = {
      ...files,
      'project.json': Buffer.from(JSON.stringify(twice)),
      [`photos/${twin.id}${extension}`]: files[name]!,
    };
    const before = await amounts(there!);
    const stored = await brought(there!, zipSync(archive));
    const [only, ...others] = Object.values(stored.document.photos);
    expect(others).toEqual([]);
    expect(only!.areas!.map(({ id }) => id)).toEqual(['area_first', 'area_twin']);
    for (const item of stored.document.sheets[0]!.items.slice(0, 2)) expect(item).toMatchObject({ fill: { photoId: only!.id } });
    expect(await amounts(there!)).toMatchObject({ photos: (before as { photos: object }).photos });
  });

  it('is refused whole where anything of it can not be used, with a sentence', async () => {
    const before = [await amounts(here!), await amounts(there!)];
    const files = unzipSync(file);
    const photoFile = Object.keys(files).find((each) => each.startsWith('photos/'))!;
    const faceFile = Object.keys(files).find((each) => each.startsWith('faces/'))!;
    const small = await sharp({ create: { width: 6, height: 4, channels: 3, background: '#c03030' } })
      .png()
      .toBuffer();
    const otherFace = faceFile.replace(/face_../, 'face_zz');
    const renamed = JSON.parse(
      new TextDecoder().decode(files['project.json']).replaceAll(faceFile.slice(6, -6), otherFace.slice(6, -6)),
    ) as object;
    const cases: readonly [string, Record<string, Uint8Array>][] = [
      ['damaged', { ...files, [photoFile]: files[photoFile]!.subarray(0, 200) }],
      ['not-a-picture', { ...files, [photoFile]: Buffer.from('hello') }],
      ['damaged', { ...files, [photoFile]: small }],
      ['damaged', { ...files, 'project.json': Buffer.from(JSON.stringify(renamed)), [otherFace]: GOOD_WOFF2 }],
      ['unsafe-name', { ...files, '../x.png': small }],
    ];
    for (const [code, archive] of cases) {
      for (const server of [here!, there!]) {
        const { status, body } = await bring(server, zipSync(archive));
        expect([status, body]).toMatchObject([
          422,
          { code, message: expect.stringMatching(/^The file can not be opened\. .*Nothing was added\.$/) as string },
        ]);
      }
    }
    expect((await bring(here!, Buffer.from('no archive'))).body).toMatchObject({ code: 'no-kadro' });
    expect((await here!.call('POST', '/api/kadro', new FormData())).status).toBe(400);
    expect([await amounts(here!), await amounts(there!)]).toEqual(before);
  });

  it('is asked for like any other export, whatever sheets are named', async () => {
    const sheetIds = [kept.document.sheets[0]!.id];
    const asked = await here!.call('POST', `/api/projects/${kept.id}/exports`, { sheetIds, file: { type: 'kadro' } });
    expect(asked.body).toMatchObject({ name: 'Leaf.kadro' });
    const { id } = asked.body as { id: string };
    await expect.poll(async () => (await here!.call('GET', `/api/exports/${id}`)).body, WAIT).toMatchObject({ state: 'done' });
    const { bytes, headers } = await here!.call('GET', `/api/exports/${id}/file`);
    expect(headers.get('content-type')).toBe('application/vnd.kadrosyn+zip');
    expect(bytes).toEqual(file);
  });

  it('is refused where not all of its photos have room', async () => {
    const small = await startTestServer({}, undefined, { photos: 1 });
    try {
      const mockup = (await here!.services.projects('workspace_home').list({ limit: 1000 })).rows.find(
        ({ name }) => name === 'Tote bag',
      );
      const { status, body } = await bring(small, await take(here!, mockup!.id));
      expect([status, body]).toMatchObject([422, { code: 'quota' }]);
      expect(await amounts(small)).toEqual({ photos: { photos: 0, bytes: 0 }, projects: 0, faces: 0 });
    } finally {
      await small.close();
    }
  });

  it('that is not here is not found', async () => {
    expect((await here!.call('GET', '/api/projects/project_none/kadro')).status).toBe(404);
  });
});
