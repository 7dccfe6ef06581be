import { writeKadro, writePages } from '@kadrosyn/formats';
import { sheetPages, type Times } from './sheet-pages.js';
import type { WriteTask } from './write-task.js';

/** Longest side of the picture of a sheet, px: enough to be recognised by whoever can not open the project. */
const PICTURE_SIDE = 1024;

/** The px of a sheet's picture for each px of the sheet. */
export function pictureScale({ width, height }: { readonly width: number; readonly height: number }): number {
  return Math.min(1, PICTURE_SIDE / Math.max(width, height));
}

/** A project with all that it needs in one file. @throws Error where something that it shows is missing */
export async function writeProject(task: WriteTask, times: Times, onProgress?: (share: number) => void): Promise<Uint8Array> {
  const { project, photoFiles, matteFiles, faceOriginals = {} } = task;
  const sheets = new Map<string, Uint8Array>();
  for (const [index, sheet] of project.sheets.entries()) {
    const { id } = sheet;
    const file = { type: 'png', scale: pictureScale(sheet) } as const;
    const [page] = sheetPages({ ...task, sheetIds: [id] }, file, times, (share) =>
      onProgress?.((index + share) / project.sheets.length),
    );
    sheets.set(id, await writePages('png', [page!]));
  }
  const bytesOf = (files: WriteTask['photoFiles'], keyOf: (name: string) => string): Map<string, Uint8Array> =>
    new Map(Object.entries(files).map(([name, { bytes }]) => [keyOf(name), bytes]));
  return writeKadro({
    ...{ project, sheets },
    photos: bytesOf(photoFiles, (id) => id),
    mattes: bytesOf(matteFiles, (name) => name.slice(name.indexOf('/') + 1)),
    faces: new Map(Object.entries(faceOriginals)),
  });
}
