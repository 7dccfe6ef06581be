import type { Pixels } from '@kadrosyn/core';
import type { Static, TObject } from 'typebox';

/** A sheet as it goes into a file: a format asks for what it can hold. */
export interface Page {
  /** Px per inch that the file says. */
  readonly dpi: number;
  /** The whole sheet, px of the file, straight alpha. Drawn when it is asked for, and each time anew. */
  readonly pixels: () => Pixels;
}

/** All there is to a file that sheets are written as. */
export interface OutFormat<Options extends TObject = TObject> {
  readonly id: string;
  /** Of file names, without the dot. */
  readonly extension: string;
  readonly mime: string;
  /** What a person can choose, with its bounds. */
  readonly options: Options;
  /** Whether one file holds several pages. */
  readonly holdsSeveral: boolean;
  /** @throws RangeError for no page, or for more than one where a file holds one. */
  write(pages: readonly Page[], options: Static<Options>): Promise<Uint8Array>;
}

/** The page of a file that holds one. @throws RangeError for any other number of pages */
export function onlyPage(pages: readonly Page[], words: string): Page {
  const [page, ...more] = pages;
  if (!page || more.length > 0) throw new RangeError(`A ${words} file holds one page, not ${pages.length}`);
  return page;
}
