import { planExport, writeSheets } from '@kadrosyn/export';
import { readExportArguments } from './export-arguments.js';
import { EXIT, type ExitCode } from './exit-code.js';
import { openProjectFile } from './opened-project.js';
import type { Says } from './says.js';
import { writeWhole } from './write-file.js';

export const EXPORT_USAGE = `kadrosyn export FILE.kadro [-o OUT] [--png | --jpeg | --webp | --pdf | --ora | --kadro]
    --sheet 1                 which sheets, by numbers (1,3 or 2-4) or a name; all pages when absent
    --name "{name} {size}"    what files are called: {name} of the project, {sheet}, {size}; -o goes before it
    --scale n, --width px, --height px   of a picture or of layers; its own px when absent
    --quality 1-100           of JPEG, WebP and the photos in a PDF
    --most-kb n               the best quality of JPEG or WebP that is no larger
    --few-colours, --white    PNG of at most 256 colours; on a white ground
    --dpi n, --bleed mm, --marks, --pure-grey   of a PDF (300 dpi when absent)
    --arrange pages|folded|many --paper a5|a4|a3|letter --gap mm   how a PDF puts sheets onto paper
    --json                    says what was written as JSON
  kadrosyn export card.kadro --pdf -o card.pdf --sheet 1 --bleed 3 --marks
  kadrosyn export card.kadro --png --width 2000 -o card.png
  kadrosyn export tags.kadro --pdf --arrange many --paper a4 --gap 4 --marks
  kadrosyn export card.kadro --ora --scale 2 -o card.ora
  Several sheets as pictures come as one .zip.`;

/** Writes sheets of a project file as the application would. */
export async function exportSheets(args: readonly string[], says: Says): Promise<ExitCode> {
  const { file, output, asJson, request } = readExportArguments(args);
  const { project, sources } = await openProjectFile(file);
  const asked = request(project);
  const { name } = planExport(project, asked);
  const written = await writeSheets({ ...sources, ...asked, project }, says.progress);
  if ('tooManyBytes' in written) {
    const kb = Math.ceil(written.tooManyBytes / 1000);
    says.error(`Even at the lowest quality it has ${kb} KB, so nothing was written. Ask for fewer px, or for more KB.`);
    return EXIT.declined;
  }
  const target = output ?? name;
  await writeWhole(target, written.file);
  const { sheetIds } = asked;
  says.log(
    asJson
      ? JSON.stringify({ file: target, bytes: written.file.length, sheets: sheetIds.length, request: asked })
      : `${target}: ${Math.ceil(written.file.length / 1000)} KB`,
  );
  return EXIT.done;
}
