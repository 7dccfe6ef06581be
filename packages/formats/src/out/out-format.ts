import type { Fold, LiteralColour, Path, Pixels, Point } from '@kadrosyn/core';
import type { Static, TObject } from 'typebox';

/** A part of a page, px of the file from the upper left corner of the sheet as it is cut: an outline filled with one colour by the nonzero rule, or a picture with its alpha. */
export type PagePart =
  | { readonly kind: 'outline'; readonly path: Path; readonly colour: LiteralColour; /** 0 to 1. */ readonly opacity: number }
  | { readonly kind: 'picture'; readonly pixels: Pixels; readonly at: Point };

/** A sheet as it goes into a file: a format asks for what it can hold. */
export interface Page {
  /** Px of the file per inch. */
  readonly dpi: number;
  /** Px of the file; where it holds outlines, not rounded. */
  readonly size: { readonly width: number; readonly height: number };
  /** What the sheet is called. */
  readonly title?: string;
  /** The whole sheet, px of the file, straight alpha. Drawn when it is asked for, and each time anew. */
  readonly pixels: () => Pixels | Promise<Pixels>;
  /** Where it is folded, px of the file from the left or the top edge. */
  readonly folds?: readonly Fold[];
  /** The same in parts that lie on one another from back to front; each is made when it is asked for. They may go beyond its edges. */
  readonly parts: () => Iterable<PagePart> | AsyncIterable<PagePart>;
}

/** A page that is one picture. @param dpi - px per inch. */
export function picturePage(pixels: Pixels, dpi: number): Page {
  const { width, height } = pixels;
  return { dpi, size: { width, height }, pixels: () => pixels, parts: () => [{ kind: 'picture', pixels, at: { x: 0, y: 0 } }] };
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
