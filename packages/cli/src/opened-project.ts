import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { pagesOf, referencesOf, type Project, type Sheet } from '@kadrosyn/core';
import { mattesIn, readKadro, unpackFont, type KadroFiles } from '@kadrosyn/formats';
import type { PhotoBytes, WriteTask } from '@kadrosyn/export';
import { UsageError } from './usage-error.js';

/** A project with all that it needs to be drawn. */
export interface OpenedProject {
  readonly files: KadroFiles;
  readonly project: Project;
  /** What any of its sheets is drawn with. */
  readonly sources: Omit<WriteTask, 'project' | 'sheetIds' | 'file'>;
}

/** The faces that come with the application. */
const FACES = fileURLToPath(new URL('../../../build/faces', import.meta.url));

/** Opens a project file. @throws KadroFault, or Error with a sentence, where it can not be read */
export async function openProjectFile(file: string): Promise<OpenedProject> {
  if (!existsSync(FACES)) throw new Error('The faces are not built yet. Run ./start or ./test once, then try again.');
  return openedProject(await readProjectFile(file));
}

/** Reads a project file, without what it takes to draw it. @throws KadroFault */
export async function readProjectFile(file: string): Promise<KadroFiles> {
  return readKadro(await readFile(file));
}

export async function openedProject(files: KadroFiles): Promise<OpenedProject> {
  const level0 = (bytes: Uint8Array): PhotoBytes => ({ bytes, level: 0 });
  const fonts = await Promise.all(
    [...files.faces].map(async ([id, bytes]) => [id, new Uint8Array(await unpackFont(Buffer.from(bytes)))] as const),
  );
  const mattes = [...referencesOf(files.project).mattes, ...mattesIn(files)];
  return {
    ...{ files, project: files.project },
    sources: {
      photoFiles: Object.fromEntries([...files.photos].map(([id, bytes]) => [id, level0(bytes)])),
      matteFiles: Object.fromEntries(
        mattes.map(({ photoId, matteSha256 }) => [`${photoId}/${matteSha256}`, level0(files.mattes.get(matteSha256)!)]),
      ),
      facesFolder: FACES,
      faceFiles: Object.fromEntries(fonts),
      faceOriginals: Object.fromEntries(files.faces),
    },
  };
}

/** The sheets that were named: by numbers from 1, as "1,3" or "2-4", or by a name; all pages when nothing is said. @throws UsageError */
export function chosenSheets(project: Project, chosen: readonly string[] | undefined): readonly Sheet[] {
  const own = pagesOf(project);
  const pages = own.length > 0 ? own : project.sheets;
  if (!chosen) return pages;
  const found = chosen.flatMap((text) => sheetsNamed(project, pages, text));
  return [...new Set(found)];
}

function sheetsNamed(project: Project, pages: readonly Sheet[], text: string): readonly Sheet[] {
  const named = project.sheets.filter(({ id, name }) => name === text || id === text);
  if (named.length > 0) return named;
  if (!/^\d+(-\d+)?(,\d+(-\d+)?)*$/.test(text)) throw new UsageError(`There is no sheet "${text}".`);
  return text.split(',').flatMap((part) => {
    const [first = 0, last = first] = part.split('-').map(Number);
    if (first < 1 || last > pages.length || last < first)
      throw new UsageError(`There are ${pages.length} sheets, not "${part}".`);
    return pages.slice(first - 1, last);
  });
}
