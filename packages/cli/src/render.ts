import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileNames } from '@kadrosyn/core';
import { fileOf, planExport, writeSheets } from '@kadrosyn/export';
import { EXIT, type ExitCode } from './exit-code.js';
import { chosenSheets, openProjectFile } from './opened-project.js';
import type { Says } from './says.js';
import { numberIn, onlyFile, parsed, UsageError } from './usage-error.js';
import { writeWhole } from './write-file.js';

export const RENDER_USAGE = `kadrosyn render FILE.kadro -o FOLDER [--sheet 1] [--width px] [--json]
  Draws each sheet as a PNG of its own in a folder, which is made where it is not there.
  kadrosyn render programme.kadro -o pages --width 800`;

/** Draws sheets as pictures, one file each. */
export async function render(args: readonly string[], says: Says): Promise<ExitCode> {
  const { values, positionals } = parsed(args, {
    output: { type: 'string', short: 'o' },
    sheet: { type: 'string', multiple: true },
    width: { type: 'string' },
    json: { type: 'boolean' },
  });
  const file = onlyFile(positionals);
  const { output } = values;
  if (output === undefined) throw new UsageError('Say with -o which folder the pictures go into.');
  const width = values.width === undefined ? undefined : numberIn(values.width, '--width', 1, 100_000);
  const { project, sources } = await openProjectFile(file);
  const sheets = chosenSheets(project, values.sheet);
  const names = fileNames(
    project.name,
    sheets.map(({ name }) => name),
  );
  const asked = sheets.map((sheet) => {
    const scale = width === undefined ? 1 : width / sheet.width;
    if (scale > 20) throw new UsageError('A sheet is enlarged 20 times at most.');
    return { sheetIds: [sheet.id], file: { type: 'png' as const, scale } };
  });
  // What can not be drawn is said before anything is.
  for (const request of asked) planExport(project, request);
  await mkdir(output, { recursive: true });
  const written: { file: string; bytes: number }[] = [];
  for (const [index, request] of asked.entries()) {
    const report = (share: number): void => says.progress?.((index + share) / asked.length);
    const picture = fileOf(await writeSheets({ ...sources, ...request, project }, report));
    const target = join(output, `${names[index]!}.png`);
    await writeWhole(target, picture);
    written.push({ file: target, bytes: picture.length });
    if (!values.json) says.log(target);
  }
  if (values.json) says.log(JSON.stringify({ files: written }));
  return EXIT.done;
}
