import { exportNames, findSheet } from '@kadrosyn/core';
import { OUT_FORMATS, TooManyBytes, writePages, zipOf } from '@kadrosyn/formats';
import { sheetPages, type PagesFile, type Times } from './sheet-pages.js';
import { writeProject } from './write-project.js';
import type { WriteTask, WrittenFile } from './write-task.js';

/**
 * Draws sheets and writes them as a file: several that are pictures as an archive of them, a whole project with all that it shows.
 * @param onProgress - gets the share that is done, 0 to 1.
 * @throws Error when a sheet is not in the project, RangeError for what can not be put onto paper.
 */
export async function writeSheets(task: WriteTask, onProgress?: (share: number) => void): Promise<WrittenFile> {
  const from = performance.now();
  const times = { decode: 0, render: 0 };
  try {
    const file = await (task.file.type === 'kadro'
      ? writeProject(task, times, onProgress)
      : writePictures(task, task.file, times, onProgress));
    onProgress?.(1);
    return { file, times: { ...times, encode: performance.now() - from - times.decode - times.render } };
  } catch (error) {
    if (error instanceof TooManyBytes) return { tooManyBytes: error.bytes };
    throw error;
  }
}

async function writePictures(
  task: WriteTask,
  file: PagesFile,
  times: Times,
  onProgress?: (share: number) => void,
): Promise<Uint8Array> {
  const pages = sheetPages(task, file, times, onProgress);
  const { type, scale: _scale, dpi: _dpi, ...options } = { scale: 1, dpi: 72, ...file };
  if (OUT_FORMATS[type].holdsSeveral || pages.length === 1) return writePages(type, pages, options);
  const sheets = task.sheetIds.map((id) => findSheet(task.project, id)!);
  const names = exportNames(task.project, sheets, { ...file, pattern: task.name });
  const files: [string, Uint8Array][] = [];
  for (const [index, page] of pages.entries())
    files.push([`${names[index]!}.${OUT_FORMATS[type].extension}`, await writePages(type, [page], options)]);
  return zipOf(files);
}
