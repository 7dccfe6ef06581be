import { createHash } from 'node:crypto';
import { keptPictures, openProject, referencesOf, type Project } from '@kadrosyn/core';
import { photoTypeOf, type PhotoType } from '../in/sniff.js';
import { faceTypeOf } from '../in/face-type.js';
import { FACE_LIMITS } from '../in/unpack-font.js';
import { ArchiveFault, openArchive } from './open-archive.js';
import { zipOf } from './zip-of.js';

/** A project with all that it needs to be drawn anywhere. */
export interface KadroFiles {
  readonly project: Project;
  /** Photos at full size, upright and in sRGB, by their ids. */
  readonly photos: ReadonlyMap<string, Uint8Array>;
  /** Kept pictures of cutouts, and of what stands in front of areas, by their sha256. */
  readonly mattes: ReadonlyMap<string, Uint8Array>;
  /** Font files of one's own by the ids of their faces. */
  readonly faces: ReadonlyMap<string, Uint8Array>;
  /** A small picture of each sheet, by its id: PNG. */
  readonly sheets: ReadonlyMap<string, Uint8Array>;
}

/** Why a file is not opened as a project. The message goes on "… Nothing was added." */
export class KadroFault extends Error {
  constructor(
    readonly code: ArchiveFault['code'] | 'no-kadro' | 'not-a-project' | 'file-missing',
    message: string,
    readonly detail: Readonly<Record<string, unknown>> = {},
  ) {
    super(message);
  }
}

const MB = 2 ** 20;
/** Bytes of a photo, or of a kept picture; of a project; of everything. */
export const KADRO_LIMITS = { picture: 60 * MB, project: 48 * MB, all: 700 * MB, archive: 500 * MB, files: 5_000 } as const;

const PHOTO_EXTENSIONS: Readonly<Record<PhotoType, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };
const ID = '[A-Za-z0-9_-]{1,64}';
const PLACES = {
  photos: new RegExp(`^photos/(${ID})\\.(?:jpg|png|webp)$`),
  mattes: /^cutouts\/([0-9a-f]{64})\.png$/,
  faces: new RegExp(`^faces/(${ID})\\.(?:ttf|otf|woff2?)$`),
  sheets: new RegExp(`^sheets/(${ID})\\.png$`),
} as const;
const PROJECT = 'project.json';

/** One file of a project with its photos, cutouts, faces and pictures of its sheets (ZIP; see docs/format.md). @throws Error where something is missing that is shown */
export function writeKadro({ project, photos, mattes, faces, sheets }: KadroFiles): Uint8Array {
  const needed = missingFrom({ project, photos, mattes });
  if (needed.length > 0) throw new Error(`The project shows what is not here: ${needed.join(', ')}`);
  const text = (value: unknown): Uint8Array => new TextEncoder().encode(`${JSON.stringify(value, null, 1)}\n`);
  const byName = (files: ReadonlyMap<string, Uint8Array>, nameOf: (key: string, bytes: Uint8Array) => string) =>
    [...files].map(([key, bytes]) => [nameOf(key, bytes), bytes] as const).toSorted(([a], [b]) => (a < b ? -1 : 1));
  return zipOf([
    [PROJECT, text(project)],
    ...byName(sheets, (id) => `sheets/${id}.png`),
    ...byName(photos, (id, bytes) => `photos/${id}.${PHOTO_EXTENSIONS[photoTypeOf(bytes) ?? 'image/png']}`),
    ...byName(mattes, (sha256) => `cutouts/${sha256}.png`),
    ...byName(faces, (id, bytes) => `faces/${id}.${(faceTypeOf(bytes) ?? 'font/ttf').slice('font/'.length)}`),
  ]);
}

/**
 * Reads such a file, whoever made it. The project is migrated and checked; kept pictures are what their names say, and all that is shown is there. Photos and fonts are
 * as they came: whoever decodes them checks them.
 * @throws KadroFault; nothing of the file counts then
 */
export function readKadro(bytes: Uint8Array): KadroFiles {
  const files = opened(bytes);
  const project = readProject(files.get(PROJECT));
  const of = (kind: keyof typeof PLACES): Map<string, Uint8Array> =>
    new Map(
      [...files].flatMap(([name, file]) => {
        const key = PLACES[kind].exec(name)?.[1];
        return key === undefined ? [] : [[key, file] as const];
      }),
    );
  const [photos, mattes, faces, sheets] = [of('photos'), of('mattes'), of('faces'), of('sheets')];
  for (const [sha256, matte] of mattes) {
    if (createHash('sha256').update(matte).digest('hex') !== sha256)
      throw new KadroFault('damaged', 'A cutout in it is not the one that its name says.');
  }
  const missing = missingFrom({ project, photos, mattes });
  if (missing.length > 0) throw new KadroFault('file-missing', 'It shows a photo or a cutout that is not in it.', { missing });
  return { project, photos, mattes, faces, sheets };
}

function opened(bytes: Uint8Array): Map<string, Uint8Array> {
  const most = (name: string): number | null => {
    if (name === PROJECT) return KADRO_LIMITS.project;
    if (PLACES.faces.test(name)) return FACE_LIMITS.bytes;
    return Object.values(PLACES).some((place) => place.test(name)) ? KADRO_LIMITS.picture : null;
  };
  try {
    return openArchive(bytes, { files: KADRO_LIMITS.files, bytes: KADRO_LIMITS.all, of: most });
  } catch (error) {
    if (!(error instanceof ArchiveFault)) throw error;
    if (error.code === 'no-archive') throw new KadroFault('no-kadro', 'This is no Kadrosyn file, or it is cut off.');
    throw new KadroFault(error.code, error.message);
  }
}

function readProject(bytes: Uint8Array | undefined): Project {
  if (!bytes) throw new KadroFault('no-kadro', 'This is no Kadrosyn file: there is no project in it.');
  let raw: unknown;
  try {
    raw = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new KadroFault('damaged', 'The project in it is damaged.');
  }
  const read = openProject(raw);
  if (!read.ok) throw new KadroFault('not-a-project', read.reason, read.where ? { where: read.where } : {});
  return read.project;
}

/** Photos and kept pictures that are shown and are not there, by their names. */
function missingFrom({ project, photos, mattes }: Pick<KadroFiles, 'project' | 'photos' | 'mattes'>): string[] {
  const needed = referencesOf(project);
  return [
    ...[...needed.photos].filter((id) => !photos.has(id)),
    ...needed.mattes.flatMap(({ matteSha256 }) => (mattes.has(matteSha256) ? [] : [matteSha256])),
  ];
}

/** The kept pictures of a project that are in its file, each with its photo. */
export function mattesIn({
  project,
  mattes,
}: Pick<KadroFiles, 'project' | 'mattes'>): { photoId: string; matteSha256: string }[] {
  return keptPictures(project).filter(({ matteSha256 }) => mattes.has(matteSha256));
}
