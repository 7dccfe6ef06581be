import type { Blend, Fold, LiteralColour, Path, Pixels, Point } from '@kadrosyn/core';
import type { Static, TObject } from 'typebox';

/** A part of a page, px of the file from the upper left corner of the sheet as it is cut: an outline filled with one colour by the nonzero rule, or a picture with its alpha. */
export type PagePart =
  | { readonly kind: 'outline'; readonly path: Path; readonly colour: LiteralColour; /** 0 to 1. */ readonly opacity: number }
  | { readonly kind: 'picture'; readonly pixels: Pixels; readonly at: Point };

/** How a layer is laid on those below it, and what it is called. */
interface Layer {
  readonly name: string;
  readonly isHidden: boolean;
  /** 0 to 1. */
  readonly opacity: number;
  readonly blend: Exclude<Blend, 'exclusion'>;
}

/** A layer of a page: a picture, px of the file from its upper left corner, or layers that are put together on their own, from back to front. */
export type PageLayer =
  | (Layer & {
      readonly kind: 'picture';
      /** Null where there is nothing. Drawn when it is asked for. */
      readonly draw: () => { readonly pixels: Pixels; readonly at: Point } | null;
    })
  | (Layer & { readonly kind: 'stack'; readonly layers: readonly PageLayer[] });

/** A page in layers, from back to front, and what they are together. */
export interface PageInLayers {
  readonly layers: readonly PageLayer[];
  /** The whole, drawn when it is asked for: for it nothing is decoded again. */
  readonly pixels: () => Pixels;
}

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
  /** The same in layers that are worked on elsewhere. */
  readonly layers: () => PageInLayers | Promise<PageInLayers>;
}

/** A page that is one picture. @param dpi - px per inch. */
export function picturePage(pixels: Pixels, dpi: number): Page {
  const { width, height } = pixels;
  const drawn = { pixels, at: { x: 0, y: 0 } };
  const layer = { kind: 'picture', name: 'Picture', isHidden: false, opacity: 1, blend: 'normal', draw: () => drawn } as const;
  return {
    ...{ dpi, size: { width, height } },
    pixels: () => pixels,
    parts: () => [{ kind: 'picture', ...drawn }],
    layers: () => ({ layers: [layer], pixels: () => pixels }),
  };
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
