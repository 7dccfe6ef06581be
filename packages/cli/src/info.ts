import { stat } from 'node:fs/promises';
import { fromPx, isImprint, referencesOf, type Project, type Sheet } from '@kadrosyn/core';
import { EXIT, type ExitCode } from './exit-code.js';
import { openProjectFile } from './opened-project.js';
import type { Says } from './says.js';
import { onlyFile, parsed } from './usage-error.js';

export const INFO_USAGE = `kadrosyn info FILE.kadro [--json]
  Says what is in a project: its sheets, photos, cutouts and fonts.`;

/** Says what is in a project file. */
export async function info(args: readonly string[], says: Says): Promise<ExitCode> {
  const { values, positionals } = parsed(args, { json: { type: 'boolean' } });
  const file = onlyFile(positionals);
  const { project, files } = await openProjectFile(file);
  const { size } = await stat(file);
  const { photos, faces } = referencesOf(project);
  const sheets = project.sheets.map((sheet) => ({ name: sheet.name, ...sizeOf(project, sheet), imprint: isImprint(sheet) }));
  const shown = [...photos].map((id) => {
    const { name, width, height } = project.photos[id]!;
    return { id, name, width, height, bytes: files.photos.get(id)!.length };
  });
  const all = {
    name: project.name,
    version: project.version,
    bytes: size,
    sheets,
    photos: shown,
    cutouts: files.mattes.size,
    faces: [...faces],
  };
  says.log(values.json ? JSON.stringify(all) : words(all));
  return EXIT.done;
}

function sizeOf(project: Project, { width, height, dpi }: Sheet) {
  const inUnit = (px: number): number => Math.round(100 * fromPx(px, project.unit, dpi)) / 100;
  return { width: inUnit(width), height: inUnit(height), unit: project.unit, dpi };
}

interface Found {
  readonly name: string;
  readonly version: number;
  readonly bytes: number;
  readonly sheets: readonly {
    readonly name: string;
    readonly width: number;
    readonly height: number;
    readonly unit: string;
    readonly dpi: number;
    readonly imprint: boolean;
  }[];
  readonly photos: readonly { readonly name: string; readonly width: number; readonly height: number; readonly bytes: number }[];
  readonly cutouts: number;
  readonly faces: readonly string[];
}

function words({ name, version, bytes, sheets, photos, cutouts, faces }: Found): string {
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
