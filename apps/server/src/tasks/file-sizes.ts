import type { Sizes } from '@kadrosyn/contract';
import { picturePage, writePages } from '@kadrosyn/formats';
import type { WriteTask } from './tasks.js';
import { sheetPages } from './write-sheets.js';

/** Qualities at which files are written to see how large they are: between them sizes change smoothly. */
const QUALITIES = [20, 40, 55, 65, 75, 82, 88, 92, 96, 100] as const;

/** Draws one sheet, and writes it at several qualities. What is asked for is no limit to its bytes. */
export async function fileSizes(task: WriteTask): Promise<Sizes> {
  const [page] = await sheetPages(task);
  const drawn = picturePage(await page!.pixels(), page!.dpi);
  const sizes = await Promise.all(
    QUALITIES.map(async (quality) => ({ quality, bytes: (await writePages(task.file.type, [drawn], { quality })).length })),
  );
  return { sizes };
}
