import type { TSchema } from 'typebox';
import type { Shadow } from '../../document/finish.js';
import type { Colour } from '../colour.js';

/** A value of a finish that the panel offers. */
export interface FinishField {
  /** The property that it is. */
  readonly of: string;
  readonly name: string;
  /** A length has a slider up to `most`, a share of the sheet's shorter side; a share is shown in percent. */
  readonly as: { readonly length: { readonly most: number } } | 'share' | 'colour';
}

/**
 * Where a part of a finish lies, and what it is drawn by. `form`: on the edge; it changes what the item's form is, and the renderer knows how
 * (`form-drawers.ts`). `inside`: over the fill, along its inner edge. `below`: on what lies below the item. `laid`: it says how the finished item is laid
 * down. `nowhere`: nothing of it is seen.
 */
interface Drawn<T> {
  readonly form: unknown;
  readonly inside: { readonly shade: (value: T) => Shade };
  readonly below: { readonly cast: (value: T) => Shadow };
  readonly laid: unknown;
  readonly nowhere: unknown;
}

export type Lies = keyof Drawn<unknown>;

/** What darkens the inner edge. */
export interface Shade {
  readonly colour: Colour;
  /** px of the sheet. */
  readonly blur: number;
  /** From 0 to 1. */
  readonly strength: number;
}

/** All that there is to one part of a finish. */
export interface FinishKind<T> {
  /** How it is called. */
  readonly name: string;
  /** Is never there: it carries the type of the values. */
  readonly value?: T;
  readonly schema: TSchema;
  readonly lies: Lies;
  /** What lies inside begins at its inner edge. */
  readonly isFrame?: boolean;
  /** The same on something that is `factor` times as large. @default it has no lengths */
  readonly scaled?: (value: T, factor: number) => T;
  /** How far it reaches beyond the edge, px of the sheet: what lies below falls from there. @default not at all */
  readonly outwards?: (value: T) => number;
  /** How deep it reaches into the item. @default not at all */
  readonly inwards?: (value: T) => number;
  /** How far around itself it is painted, px of the sheet: corners, softness. @default not at all */
  readonly around?: (value: T) => number;
  /** Whether groups can have it. */
  readonly forGroups: boolean;
  /** What it begins with, and what the panel offers. Absent where the panel has a part of its own for it. */
  readonly panel?: {
    /** @param extent - what it is measured by, px of the sheet. */
    readonly first: (extent: number) => T;
    readonly fields: readonly FinishField[];
  };
}

/** A kind that lies somewhere, with what it is drawn by. */
export type FinishThatLies<T, L extends Lies> = FinishKind<T> & { readonly lies: L } & Drawn<T>[L];

/**
 * Puts a kind together. The type of its values is that of its schema; it is named, since working it out again in here costs the compiler most of a
 * minute.
 */
export function defineFinish<T, L extends Lies>(
  kind: Omit<FinishKind<T>, 'lies' | 'value'> & { readonly lies: L } & Drawn<T>[L],
): FinishThatLies<T, L> {
  return kind;
}
