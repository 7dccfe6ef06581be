import type { Sizes } from '@kadrosyn/contract';
import { picturePage, writePages } from '@kadrosyn/formats';
import { sheetPages } from './sheet-pages.js';
import type { WriteTask } from './write-task.js';

/** Qualities at which files are written to see how large they are: between them sizes change smoothly. A WebP takes ten times as long as a JPEG. */
const QUALITIES = { jpeg: [30, 60, 80, 90, 96, 100], webp: [30, 70, 90, 100] } as const;

/** Draws one sheet, and writes it at several qualities. What is asked for is no limit to its bytes. @throws RangeError for a format that knows no quality */
export async function fileSizes(task: WriteTask): Promise<Sizes> {
  const { file } = task;
  if (file.type !== 'jpeg' && file.type !== 'webp') throw new RangeError(`A ${file.type} has no qualities`);
  const [page] = sheetPages(task, file);
  const drawn = picturePage(await page!.pixels(), page!.dpi);
  const sizes = await Promise.all(
    QUALITIES[file.type].map(async (quality) => ({ quality, bytes: (await writePages(file.type, [drawn], { quality })).length })),
  );
  return { sizes };
}
