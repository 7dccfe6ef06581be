import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { basename, extname } from 'node:path';
import {
  backgroundFill,
  newBackground,
  newProject,
  photoAt,
  photoIdOf,
  type Photo,
  type Project,
  type Sheet,
  type SheetSize,
} from '@kadrosyn/core';
import { fileOf, writeSheets } from '@kadrosyn/export';
import { masterOf, photoTypeOf } from '@kadrosyn/formats';
import { decodePhoto } from '@kadrosyn/render/node';
import sharp from 'sharp';
import { EXIT, type ExitCode } from './exit-code.js';
import { openedProject } from './opened-project.js';
import type { Says } from './says.js';
import { numberIn, oneOf, parsed, UsageError } from './usage-error.js';
import { writeWhole } from './write-file.js';

export const IMPORT_USAGE = `kadrosyn import PICTURE... -o FILE.kadro [--size 105x148mm] [--name NAME] [--json]
  Makes a project of JPEG, PNG or WebP pictures: a sheet for each, of the picture's own px, or of a size that it fills.
  kadrosyn import jar.jpg bowl.jpg --size 1080x1350px -o shop.kadro`;

/** A picture as it is kept. */
interface KeptPhoto {
  readonly photo: Photo;
  readonly bytes: Uint8Array;
}

/** Makes a project file of pictures. */
export async function importPictures(args: readonly string[], says: Says): Promise<ExitCode> {
  const { values, positionals } = parsed(args, {
    output: { type: 'string', short: 'o' },
    ...{ size: { type: 'string' }, name: { type: 'string' }, json: { type: 'boolean' } },
  });
  const { output } = values;
  if (positionals.length === 0) throw new UsageError('Name at least one picture.');
  if (positionals.length > 200) throw new UsageError('A project holds 200 sheets at most.');
  if (output === undefined) throw new UsageError('Say with -o where the project goes.');
  const size = values.size === undefined ? null : sizeOf(values.size);
  const kept: KeptPhoto[] = [];
  for (const [index, file] of positionals.entries()) {
    kept.push(await keptPhoto(file));
    says.progress?.((0.6 * (index + 1)) / positionals.length);
  }
  const project = projectOf(values.name ?? kept[0]!.photo.name, kept, size);
  const photos = new Map(kept.map(({ photo, bytes }) => [photo.id, bytes]));
  const none = { mattes: new Map(), faces: new Map(), sheets: new Map() };
  const { sources } = await openedProject({ project, photos, ...none });
  const sheetIds = project.sheets.map(({ id }) => id);
  const written = await writeSheets({ ...sources, project, sheetIds, file: { type: 'kadro' } }, (share) =>
    says.progress?.(0.6 + 0.4 * share),
  );
  const file = fileOf(written);
  await writeWhole(output, file);
  const bytes = file.length;
  says.log(
    values.json
      ? JSON.stringify({ file: output, bytes, sheets: sheetIds.length })
      : `${output}: ${sheetIds.length === 1 ? 'one sheet' : `${sheetIds.length} sheets`}, ${Math.ceil(bytes / 1000)} KB`,
  );
  return EXIT.done;
}

/** "105x148mm" @throws UsageError */
function sizeOf(text: string): SheetSize {
  const [, width, height, unit] = /^([\d.]+)\s*[x×]\s*([\d.]+)\s*([a-z]*)$/.exec(text) ?? [];
  if (width === undefined || height === undefined) throw new UsageError('--size is like 1080x1350px or 105x148mm.');
  const side = (value: string): number => numberIn(value, '--size', 0.1, 20_000);
  return { width: side(width), height: side(height), unit: oneOf(unit || 'px', 'The unit of --size', ['px', 'mm', 'in']) };
}

async function keptPhoto(file: string): Promise<KeptPhoto> {
  const bytes = await readFile(file);
  const type = photoTypeOf(bytes);
  if (!type) throw new Error(`${file} is not a JPEG, PNG or WebP picture. Nothing was written.`);
  const pixels = await decodePhoto(bytes).catch((error: unknown) => {
    throw new Error(`${file} is damaged or cut off, so it can not be read. Nothing was written.`, { cause: error });
  });
  const master = await masterOf(bytes, type, await sharp(bytes, { limitInputPixels: false }).metadata(), pixels);
  // Named as the application would name the file, so that it is known there.
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const { width, height } = pixels;
  const name = basename(file, extname(file)).slice(0, 200);
  return { photo: { id: photoIdOf(sha256), sha256, name, width, height }, bytes: new Uint8Array(master.bytes) };
}

function projectOf(name: string, kept: readonly KeptPhoto[], size: SheetSize | null): Project {
  const made = kept.map(({ photo }) => {
    const { sheets, ...project } = newProject(name, size ?? { width: photo.width, height: photo.height, unit: 'px' });
    return { project, sheet: { ...sheetWith(photo, sheets[0]!, size === null), name: photo.name } };
  });
  return {
    ...made[0]!.project,
    photos: Object.fromEntries(kept.map(({ photo }) => [photo.id, photo])),
    sheets: made.map(({ sheet }) => sheet),
  };
}

/** A sheet of the picture's own px shows it px by px; another is filled by it. */
function sheetWith(photo: Photo, sheet: Sheet, isOwnSize: boolean): Sheet {
  const middle = { x: photo.width / 2, y: photo.height / 2 };
  return { ...sheet, items: [isOwnSize ? photoAt(photo, middle, 1) : newBackground(sheet, backgroundFill(sheet, photo))] };
}
