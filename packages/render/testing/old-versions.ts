import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { openProject, resolvedIn, type Project, type Shaper } from '@kadrosyn/core';
import type { PhotoSource } from '@kadrosyn/render';
import { renderSheet } from '@kadrosyn/render/node';

/** Side of the square that each sheet is drawn into, px: what is missing or lies elsewhere is seen. */
export const SQUARE = 96;

/** The documents that the application of a version wrote, as they are opened now. @param folder - with what was kept of versions. @throws Error when one does not open. */
export async function projectsOfVersion(version: number, folder: string): Promise<Project[]> {
  const file = join(folder, `documents-of-version-${version}.json.gz`);
  const kept = JSON.parse(gunzipSync(await readFile(file)).toString()) as unknown[];
  return kept.map((document) => {
    const opened = openProject(document);
    if (!opened.ok) throw new Error(opened.reason);
    return opened.project;
  });
}

/** The sheets of projects one below the other, each in a square of its own, as bytes of RGBA. */
export function columnOf(
  projects: readonly Project[],
  source: PhotoSource,
  shaper: Shaper,
): { names: string[]; data: Uint8Array } {
  const sheets = projects.flatMap(({ name, photos, roles, sheets }) =>
    sheets.map((sheet) => ({ name: `${name}, ${sheet.name}`, photos, sheet: resolvedIn({ sheets, roles, photos }, sheet) })),
  );
  const data = new Uint8Array(sheets.length * SQUARE * SQUARE * 4);
  for (const [index, { sheet, photos }] of sheets.entries()) {
    const picture = renderSheet(sheet, SQUARE / Math.max(sheet.width, sheet.height), { photos, source, shaper });
    for (let y = 0; y < picture.height; y++) {
      const row = picture.data.subarray(y * picture.width * 4, (y + 1) * picture.width * 4);
      data.set(row, (index * SQUARE + y) * SQUARE * 4);
    }
  }
  return { names: sheets.map(({ name }) => name), data };
}
