import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { unzipSync, zipSync } from 'fflate';
import { insertItem, applyEdit, newProject, newShapedOpening, photoIdOf, PROJECT_VERSION, type Project } from '@kadrosyn/core';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { KadroFault, mattesIn, readKadro, writeKadro, type KadroFiles } from './kadro.js';

const sha256Of = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
let files: KadroFiles;

beforeAll(async () => {
  const picture = async (colour: string): Promise<Uint8Array> =>
    new Uint8Array(
      await sharp({ create: { width: 40, height: 30, channels: 4, background: colour } })
        .png()
        .toBuffer(),
    );
  const [photo, matte, spare, sheet] = await Promise.all(['#c4602c', '#00000080', '#00000040', '#ffffff'].map(picture));
  const sha256 = sha256Of(photo!);
  const id = photoIdOf(sha256);
  const made = newProject('Kiln', { width: 100, height: 80, unit: 'px' });
  const opening = {
    ...newShapedOpening('Jar', { type: 'ellipse' }, { x: 50, y: 40 }, 60, 60),
    fill: {
      type: 'photo' as const,
      photoId: id,
      placement: { x: 0, y: 0, scale: 2, turn: 0, flipX: false, flipY: false },
      cutout: { id: 'cut', revision: sha256Of(matte!) },
    },
  };
  const revisions = [spare!, matte!].map((bytes) => ({ matteSha256: sha256Of(bytes), marks: [] }));
  const listed = { id, sha256, name: 'Jar', width: 40, height: 30, cutouts: [{ id: 'cut', name: 'Jar', revisions }] };
  const project = applyEdit({ ...made, photos: { [id]: listed } }, insertItem(made.sheets[0]!, opening, 'Add'));
  files = {
    project,
    photos: new Map([[id, photo!]]),
    mattes: new Map([matte!, spare!].map((bytes) => [sha256Of(bytes), bytes])),
    faces: new Map([['face_own', new Uint8Array([0, 1, 0, 0, 9, 9])]]),
    sheets: new Map([[project.sheets[0]!.id, sheet!]]),
  };
});

/** The same archive with some files put in, replaced, or taken out where they are null. */
function changed(changes: Readonly<Record<string, Uint8Array | null>>): Uint8Array {
  const all = Object.entries({ ...unzipSync(writeKadro(files)), ...changes });
  return zipSync(Object.fromEntries(all.flatMap(([name, bytes]) => (bytes ? [[name, bytes]] : []))));
}

/** How it is refused. */
function refusal(archive: Uint8Array): { readonly code: string; readonly message: string } {
  try {
    readKadro(archive);
  } catch (error) {
    if (error instanceof KadroFault) return error;
    throw error;
  }
  throw new Error('It was opened');
}

const json = (value: unknown): Uint8Array => new TextEncoder().encode(JSON.stringify(value));

describe('a project file', () => {
  it('gives back what was put in, and is the same file whenever it is written', () => {
    const archive = writeKadro(files);
    expect(readKadro(archive)).toEqual(files);
    expect(writeKadro(readKadro(archive))).toEqual(archive);
    expect(mattesIn(files).length).toBe(2);
  });

  it('holds what its documentation says, under names that anybody can find', () => {
    const [photoId] = files.photos.keys();
    const names = Object.keys(unzipSync(writeKadro(files)));
    expect(names[0]).toBe('project.json');
    expect(names.slice(1).toSorted()).toEqual(
      [
        ...[...files.mattes.keys()].map((sha256) => `cutouts/${sha256}.png`),
        ...['faces/face_own.ttf', `photos/${photoId!}.png`, `sheets/${files.project.sheets[0]!.id}.png`],
      ].toSorted(),
    );
  });

  it('is not written without what it shows', () => {
    expect(() => writeKadro({ ...files, photos: new Map() })).toThrow(/shows what is not here/);
    expect(() => writeKadro({ ...files, mattes: new Map() })).toThrow(/shows what is not here/);
  });

  it('opens with files in it that nobody knows, which are never unpacked', () => {
    const more = changed({ '__MACOSX/photos/._x.png': json({}), 'notes.txt': json('hello'), 'photos/sub/x.png': json({}) });
    expect(readKadro(more)).toEqual(files);
  });

  it('of an earlier version is migrated, of a newer one refused with a sentence', () => {
    const { project } = files;
    expect(readKadro(changed({ 'project.json': json({ ...project, version: PROJECT_VERSION - 1 }) })).project).toEqual(project);
    expect(refusal(changed({ 'project.json': json({ ...project, version: PROJECT_VERSION + 1 }) }))).toMatchObject({
      code: 'not-a-project',
      message: expect.stringContaining('newer version') as string,
    });
  });
});

describe('a damaged or hostile file', () => {
  it('is refused where something is missing or not what its name says', () => {
    const [photoId] = files.photos.keys();
    const matte = mattesIn(files).find(({ matteSha256 }) => JSON.stringify(files.project.sheets).includes(matteSha256))!;
    expect(refusal(changed({ 'project.json': null })).code).toBe('no-kadro');
    expect(refusal(changed({ 'project.json': new Uint8Array([0xff, 0xfe]) })).code).toBe('damaged');
    expect(refusal(changed({ [`photos/${photoId!}.png`]: null }))).toMatchObject({
      code: 'file-missing',
      detail: { missing: [photoId] },
    });
    expect(refusal(changed({ [`cutouts/${matte.matteSha256}.png`]: null })).code).toBe('file-missing');
    expect(refusal(changed({ [`cutouts/${matte.matteSha256}.png`]: json('another') })).code).toBe('damaged');
    expect(refusal(json('no archive at all')).code).toBe('no-kadro');
    expect(refusal(new Uint8Array()).code).toBe('no-kadro');
  });

  it.each(['../outside.png', '/photos/x.png', 'photos/../../x.png', 'C:/x.png', 'photos\\x.png', './project.json', 'a\u0000b'])(
    'is refused whole for a name that leads out of its folder: %j',
    (name) => expect(refusal(changed({ [name]: json({}) })).code).toBe('unsafe-name'),
  );

  it('is refused for a name that stands in it twice, in whatever letters', () => {
    expect(refusal(changed({ 'PROJECT.json': json({}) })).code).toBe('damaged');
  });

  it('is refused for its sizes before anything is unpacked', () => {
    const [photoId] = files.photos.keys();
    const zeros = zipSync({ 'project.json': json(files.project), [`photos/${photoId!}.png`]: new Uint8Array(70 * 2 ** 20) });
    expect(zeros.length).toBeLessThan(2 ** 20);
    expect(refusal(zeros)).toMatchObject({ code: 'too-large' });
    const many = zipSync(Object.fromEntries(Array.from({ length: 5_001 }, (_, i) => [`n${i}`, new Uint8Array()])));
    expect(refusal(many)).toMatchObject({ code: 'too-large' });
  });

  it('is refused where its list lies about a size', () => {
    const archive = changed({});
    const view = new DataView(archive.buffer, archive.byteOffset, archive.byteLength);
    const from = view.getUint32(archive.length - 22 + 16, true);
    for (const size of [0, 7, 1_000_000]) {
      const lying = Uint8Array.from(archive);
      new DataView(lying.buffer).setUint32(from + 24, size, true);
      expect(refusal(lying).code).toBe('damaged');
    }
  });

  it('never opens as another project, wherever bytes of it are changed or it is cut off', () => {
    const archive = writeKadro(files);
    const opened = (bytes: Uint8Array): KadroFiles | null => {
      try {
        return readKadro(bytes);
      } catch (error) {
        if (error instanceof KadroFault) return null;
        throw error;
      }
    };
    fc.assert(
      fc.property(fc.nat(archive.length - 1), fc.integer({ min: 1, max: 255 }), (at, by) => {
        const other = Uint8Array.from(archive);
        other[at]! ^= by;
        const read = opened(other);
        // What nobody reads may be anything; what is read is as it was, or a file that is not needed has lost its name.
        if (read) expect(read.project).toEqual(files.project);
        if (read) for (const [id, bytes] of read.photos) expect(files.photos.get(id) ?? bytes).toEqual(bytes);
      }),
    );
    fc.assert(
      fc.property(fc.nat(archive.length - 1), (length) => {
        expect(opened(archive.subarray(0, length))).toBeNull();
      }),
    );
  });

  it('is refused for a project that is nested too deep', () => {
    let nested: unknown = 1;
    for (let depth = 0; depth < 5_000; depth++) nested = { nested };
    const { project } = files;
    expect(
      refusal(changed({ 'project.json': json({ ...project, set: nested } satisfies Record<keyof Project, unknown>) })).code,
    ).toBe('not-a-project');
  });
});
