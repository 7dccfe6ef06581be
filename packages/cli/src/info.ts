import { stat } from 'node:fs/promises';
import { fromPx, isImprint, referencesOf, type Project, type Sheet } from '@kadrosyn/core';
import type { KadroFiles } from '@kadrosyn/formats';
import { EXIT, type ExitCode } from './exit-code.js';
import { readProjectFile } from './opened-project.js';
import type { Says } from './says.js';
import { onlyFile, parsed } from './usage-error.js';

export const INFO_USAGE = `kadrosyn info FILE.kadro [--json]
  Says what is in a project: its sheets, photos, cutouts and fonts.`;

/** Says what is in a project file. */
export async function info(args: readonly string[], says: Says): Promise<ExitCode> {
  const { values, positionals } = parsed(args, { json: { type: 'boolean' } });
  const file = onlyFile(positionals);
  const all = found(await readProjectFile(file), (await stat(file)).size);
  says.log(values.json ? JSON.stringify(all) : words(all));
  return EXIT.done;
}

function found({ project, photos: files, mattes }: KadroFiles, bytes: number) {
  const { photos, faces } = referencesOf(project);
  const shown = [...photos].map((id) => {
    const { name, width, height } = project.photos[id]!;
    return { id, name, width, height, bytes: files.get(id)!.length };
  });
  return {
    ...{ name: project.name, version: project.version, bytes },
    sheets: project.sheets.map((sheet) => ({ name: sheet.name, ...sizeOf(project, sheet), imprint: isImprint(sheet) })),
    ...{ photos: shown, cutouts: mattes.size, faces: [...faces] },
  };
}

function sizeOf(project: Project, { width, height, dpi }: Sheet) {
  const inUnit = (px: number): number => Math.round(100 * fromPx(px, project.unit, dpi)) / 100;
  return { width: inUnit(width), height: inUnit(height), unit: project.unit, dpi };
}

function words({ name, version, bytes, sheets, photos, cutouts, faces }: ReturnType<typeof found>): string {
  const kb = (size: number): string => `${Math.ceil(size / 1000)} KB`;
  return [
    `${name} (format ${version}, ${kb(bytes)})`,
    'Sheets:',
    ...sheets.map((sheet, index) => {
      const px = sheet.unit === 'px' ? '' : ` at ${sheet.dpi} dpi`;
      return `  ${index + 1}  ${sheet.name}, ${sheet.width} × ${sheet.height} ${sheet.unit}${px}${sheet.imprint ? ', on a product' : ''}`;
    }),
    photos.length === 0 ? 'No photos.' : 'Photos:',
    ...photos.map((photo) => `  ${photo.name}, ${photo.width} × ${photo.height} px, ${kb(photo.bytes)}`),
    `Pictures of cutouts: ${cutouts}. Faces: ${faces.length === 0 ? 'none' : faces.join(', ')}.`,
  ].join('\n');
}
