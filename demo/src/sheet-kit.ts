import {
  ARTWORK,
  layOut,
  newArtwork,
  newLettering,
  newProject,
  FACE_ROLES,
  STARTING_ROLES,
  newShapedOpening,
  toPx,
  type Box,
  type Colour,
  type Item,
  type LetteringOutline,
  type Opening,
  type Outline,
  type Photo,
  type Project,
  type Shaper,
  type Sheet,
  type SheetSize,
} from '@kadrosyn/core';
import { fillOpeningWith, type Adjustment } from './fill-opening-with.js';

/** A frame in the sheet's unit: its middle and its size. */
export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly turn?: number;
}

/** How a line is set. */
export interface Line {
  readonly face?: string;
  readonly axes?: Record<string, number>;
  readonly colour?: Colour;
  readonly align?: LetteringOutline['align'];
  readonly tracking?: number;
}

/** Colours by their role: who begins from a template gives it other colours in one place. */
export const PAPER: Colour = { role: 'ground' };
export const INK: Colour = { role: 'ink' };
export const RUST: Colour = { role: 'accent' };
export const SPRUCE: Colour = { role: 'second' };
export const OCHRE = '#d9a13f';
export const SAND = '#e9dcc3';

const SQUARE: Outline = { type: 'rectangle', radii: [0, 0, 0, 0] };

/** Lays out the sheets of a sample in people's units. */
export class SheetKit {
  private readonly size: SheetSize;
  private readonly dpi: number;

  constructor(
    private readonly shaper: Shaper,
    size: SheetSize,
  ) {
    this.dpi = size.dpi ?? (size.unit === 'px' ? 72 : 300);
    this.size = { ...size, ...(size.unit === 'px' ? {} : { dpi: this.dpi }) };
  }

  px(length: number): number {
    return toPx(length, this.size.unit, this.dpi);
  }

  shape(name: string, outline: Outline | null, frame: Frame, colour?: Colour): Opening {
    const { x, y, width, height, turn = 0 } = frame;
    const made = newShapedOpening(name, outline ?? SQUARE, { x: this.px(x), y: this.px(y) }, this.px(width), this.px(height));
    return { ...made, box: { ...made.box, turn }, ...(colour ? { fill: { type: 'colour', colour } } : {}) };
  }

  /** A place for somebody's photo, with a sample in it. */
  slot(name: string, hint: string, outline: Outline | null, frame: Frame, photo: Photo, adjustment: Adjustment = {}): Opening {
    const opening = this.shape(name, outline, frame);
    const sheet = newProject(name, this.size).sheets[0]!;
    return { ...fillOpeningWith(opening, photo, adjustment, sheet, this.shaper), slot: { hint, sample: true } };
  }

  /** A line, its middle (or the end that it is aligned to) at x, y; `size` in the sheet's unit per em. */
  text(words: string, x: number, y: number, size: number, line: Line = {}): Opening {
    const { face = 'archivo', axes = { wght: 500, wdth: 100 }, colour = INK, align = 'centre', tracking = 0 } = line;
    const fill = { type: 'colour', colour } as const;
    const made = newLettering(
      { text: words, face, axes, size: this.px(size) },
      { x: this.px(x), y: this.px(y) },
      fill,
      this.shaper,
    );
    const outline = made.outline as LetteringOutline;
    const role = FACE_ROLES.find((one) => STARTING_ROLES[one] === face);
    const runs = outline.runs.map((run) => ({ ...run, ...(role && { role }), tracking }));
    const set: LetteringOutline = { ...outline, align, runs };
    const { width, height } = layOut(set, this.shaper);
    const left = this.px(x) - (align === 'left' ? 0 : align === 'right' ? width : width / 2);
    return { ...made, outline: set, box: { ...made.box, x: left, y: this.px(y) - height / 2, width, height } };
  }

  /** A line that somebody is to write. */
  caption(words: string, hint: string, x: number, y: number, size: number, line: Line = {}): Opening {
    return { ...this.text(words, x, y, size, line), slot: { hint, sample: true } };
  }

  /** Text on a circle about x, y. */
  round(
    words: string,
    x: number,
    y: number,
    size: number,
    along: NonNullable<LetteringOutline['along']>,
    line: Line = {},
  ): Opening {
    const straight = this.text(words, x, y, size, line);
    const outline: LetteringOutline = {
      ...(straight.outline as LetteringOutline),
      along: { ...along, radius: this.px(along.radius) },
    };
    const { width, height, centre } = layOut(outline, this.shaper);
    const box: Box = { x: this.px(x) - centre!.x, y: this.px(y) - centre!.y, width, height, turn: 0 };
    return { ...straight, outline, box };
  }

  /** Ready-made artwork, `width` in the sheet's unit. @throws RangeError when there is none of that id. */
  artwork(
    id: string,
    x: number,
    y: number,
    width: number,
    change: { colours?: readonly Colour[]; turn?: number; height?: number } = {},
  ): Opening {
    const piece = ARTWORK.find((one) => one.id === id);
    if (!piece) throw new RangeError(`There is no artwork ${id}`);
    const { colours, turn = 0, height = width / piece.proportion } = change;
    const item = newArtwork({ ...piece, ...(colours ? { colours } : {}) }, { width: 100, height: 100 }, { x: 0, y: 0 });
    const [w, h] = [this.px(width), this.px(height)];
    return { ...item, box: { x: this.px(x) - w / 2, y: this.px(y) - h / 2, width: w, height: h, turn } };
  }

  /** A sheet with these items from back to front. */
  sheet(name: string, items: readonly Item[], change: Partial<Sheet> = {}): Sheet {
    const [fresh] = newProject(name, this.size).sheets;
    return { ...fresh!, name, background: { type: 'colour', colour: PAPER }, ...change, items };
  }

  project(name: string, sheets: readonly Sheet[], photos: readonly Photo[]): Project {
    const fresh = newProject(name, this.size);
    const { ground, ink, accent, second } = fresh.roles;
    return {
      ...fresh,
      photos: Object.fromEntries(photos.map((photo) => [photo.id, photo])),
      swatches: [ground, SAND, ink, second, accent, OCHRE],
      sheets,
    };
  }
}
