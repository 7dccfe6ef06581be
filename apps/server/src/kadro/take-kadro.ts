import { referencesOf, renamePhotos, type PhotoName, type Project } from '@kadrosyn/core';
import { mattesIn, type KadroFiles } from '@kadrosyn/formats';
import { CodedError } from '../coded-error.js';
import type { TakenFace } from '../faces/take-face.js';
import type { StoredFile, TakenPhoto } from '../photos/intake.js';
import { MOST_DOCUMENT } from '../projects/documents.js';
import type { Services } from '../services.js';
import { TaskEnded } from '../tasks/pool-process.js';

/** A kept picture that is to be stored. */
interface TakenMatte {
  readonly photoId: string;
  readonly full: StoredFile;
  readonly screen: StoredFile;
}

/** A project that was taken in with all that it needs. Nothing is stored yet. */
export interface TakenKadro {
  readonly document: Project;
  /** Those that are not here yet, with what they are called. */
  readonly photos: readonly { readonly photo: TakenPhoto; readonly name: string }[];
  /** Ids of those that are here already. */
  readonly known: readonly string[];
  readonly mattes: readonly TakenMatte[];
  readonly faces: readonly TakenFace[];
}

/** A photo as it is or will be here. */
interface Here extends PhotoName {
  readonly master: Uint8Array;
  readonly screenLevel: number;
  /** Absent where it is here already. */
  readonly taken?: TakenPhoto;
}

/**
 * Takes a project file in: every photo, cutout and font goes through the checks that it would go through if somebody added it. A photo is known by what the file holds:
 * where the name that it had elsewhere is not that of these bytes, it gets its own, so that no file can put one picture in another's place.
 * @throws CodedError 422 where anything of it can not be used
 */
export async function takeKadro(services: Services, workspaceId: string, bytes: Buffer): Promise<TakenKadro> {
  const unpacked = await services.tasks.unpack({ bytes });
  if (!unpacked.ok) throw refused(unpacked.code, unpacked.message, unpacked.detail);
  const { files } = unpacked;
  const photos = new Map<string, Here>();
  for (const id of referencesOf(files.project).photos) photos.set(id, await takePhoto(services, workspaceId, files, id));
  const document = renamePhotos(
    files.project,
    new Map([...photos].flatMap(([id, here]) => (here.id === id ? [] : [[id, { id: here.id, sha256: here.sha256 }] as const]))),
  );
  if (JSON.stringify(document).length > MOST_DOCUMENT)
    throw refused('document-too-large', 'The project is too large to be kept.');
  // Two names in the file may be one picture.
  const added = new Map<string, TakenKadro['photos'][number]>();
  for (const [id, { taken }] of photos) if (taken) added.set(taken.id, { photo: taken, name: files.project.photos[id]!.name });
  return {
    document,
    photos: [...added.values()],
    known: [...photos.values()].flatMap(({ id, taken }) => (taken ? [] : [id])),
    mattes: await takeMattes(services, workspaceId, files, photos),
    faces: await takeFaces(services, workspaceId, files),
  };
}

async function takePhoto(services: Services, workspaceId: string, files: KadroFiles, id: string): Promise<Here> {
  const store = services.photos(workspaceId);
  const bytes = buffer(files.photos.get(id)!);
  const { name, width, height, focus } = files.project.photos[id]!;
  const own = await here(id);
  if (own?.master.equals(bytes)) return own;
  const taken = await services.tasks.intake({ bytes, limits: services.config.limits, focus: focus ?? null });
  if (!taken.ok) throw refused(taken.refusal.code, `${name}: ${taken.refusal.message}`);
  const { photo } = taken;
  if (photo.width !== width || photo.height !== height)
    throw refused('damaged', `${name} has not the size that the project says.`);
  // The same bytes may have been added here by somebody.
  return (await here(photo.id)) ?? { ...photo, master: photo.master.bytes, taken: photo };

  async function here(wanted: string): Promise<(Here & { readonly master: Buffer }) | null> {
    const [row, master] = [await store.find(wanted), await store.file(wanted, 'master')];
    return row && master ? { id: row.id, sha256: row.sha256, screenLevel: row.screenLevel, master: master.bytes } : null;
  }
}

async function takeMattes(
  services: Services,
  workspaceId: string,
  files: KadroFiles,
  photos: ReadonlyMap<string, Here>,
): Promise<TakenMatte[]> {
  const taken: TakenMatte[] = [];
  for (const { photoId, matteSha256 } of mattesIn(files)) {
    const { id, master, screenLevel } = photos.get(photoId)!;
    if ((await services.cutouts(workspaceId).missing([{ photoId: id, matteSha256 }])).length === 0) continue;
    const matte = await services.tasks.matte({ bytes: files.mattes.get(matteSha256)!, photo: master, screenLevel });
    if (!matte.ok)
      throw refused('damaged', `A cutout of ${files.project.photos[photoId]!.name} can not be used: it does not fit the photo.`);
    taken.push({ photoId: id, full: matte.full, screen: matte.screen });
  }
  return taken;
}

async function takeFaces(services: Services, workspaceId: string, { project, faces }: KadroFiles): Promise<TakenFace[]> {
  const needed = [...referencesOf(project).faces].filter((id) => faces.has(id));
  const known = await services.faces(workspaceId).filesFor(project);
  const taken: TakenFace[] = [];
  for (const id of needed.filter((each) => !(each in known))) {
    const face = await services.tasks
      .takeFace({ bytes: faces.get(id)!, facesFolder: services.config.facesFolder })
      .catch((error: unknown) => {
        if (!(error instanceof TaskEnded) || error.why === 'stopped') throw error;
        // Its process ended with the font that it could not bear.
        return { ok: false } as const;
      });
    if (!face.ok) throw refused('damaged', 'A font in it can not be read.');
    if (face.face.id !== id) throw refused('damaged', 'A font in it is not the one that its name says.');
    taken.push(face.face);
  }
  return taken;
}

function buffer(bytes: Uint8Array): Buffer {
  return Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}

function refused(code: string, message: string, detail: Readonly<Record<string, unknown>> = {}): CodedError {
  return new CodedError(422, code, `The file can not be opened. ${message} Nothing was added.`, detail);
}
