import type { Crossing } from '../document/crossing.js';
import type { Sheet } from '../document/project.js';
import type { Point } from '../geometry/matrix.js';

/** A line along which over turns to under, as far as it runs through the middle of things. Length and place in px of the sheet. */
interface HardStretch {
  readonly length: number;
  /** Null where it runs through nothing. */
  readonly at: Point | null;
}

/** What was found of an item that breaks out or crosses others. Lengths and places in px of the sheet. */
export interface BreakoutSeen {
  readonly sheet: Pick<Sheet, 'width' | 'height'>;
  /** Null where the item has no subject that could break out. */
  readonly overhang: {
    readonly pieces: readonly {
      readonly out: boolean;
      /** How far a piece ends where the camera cut the subject off, and where the sheet does. */
      readonly atBorder: number;
      readonly offSheet: number;
      readonly at: Point;
    }[];
    /** For each cut line. */
    readonly cuts: readonly HardStretch[];
    /** Share of the opening's edge, 0 to 1, that lies under the subject. */
    readonly edgeCovered: number;
  } | null;
  readonly crossings: readonly {
    readonly crossing: Crossing;
    readonly regions: readonly { readonly label: number; readonly area: number; readonly at: Point }[];
    /** For each cut line, then for what was painted. */
    readonly cuts: readonly HardStretch[];
  }[];
  /** How a region is called where people choose it. */
  readonly nameOf: (crossing: Crossing, label: number) => string;
}

/** What can be done about a finding at once. `pair` names a crossing (`crossingKey`); null stands for the overhang. */
export type CheckRemedy = { readonly name: string } & (
  | { readonly do: 'keep-in'; readonly piece: number }
  | { readonly do: 'move-cut'; readonly pair: string | null; readonly cut: number }
  | { readonly do: 'paint-on'; readonly pair: string }
);

/** Something that would look wrong. */
export interface Finding {
  /** Where, px of the sheet; null where it is everywhere. */
  readonly at: Point | null;
  /** For people: what would be seen, and where words can help, what to do. */
  readonly words: string;
  readonly remedies: readonly CheckRemedy[];
}

/** One thing that is looked for. */
export interface Check {
  readonly id: string;
  readonly find: (seen: BreakoutSeen) => readonly Finding[];
}
