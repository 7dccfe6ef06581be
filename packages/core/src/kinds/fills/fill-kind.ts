import type { TProperties } from 'typebox';
import type { Reference } from '../reference.js';
import type { TypedValue } from '../typed-value.js';

/** All that there is to one kind of fill but how it is drawn, which is the renderer's (`FILL_DRAWERS` in `opening-body.ts`). */
export interface FillKind<T extends string, F> {
  readonly type: T;
  /** Is never there: it carries the type of the fills. */
  readonly fill?: F;
  /** Schema of its own properties; all that has to be there is in it. */
  readonly properties: TProperties;
  /** What it needs besides itself. @default nothing */
  readonly refers?: (fill: F) => readonly Reference[];
  /** It is one colour or passes from one to another, whatever it lies in. */
  readonly isPlain: boolean;
}

/** Puts a kind together. The type of its fills follows from its schema. */
export function defineFill<const T extends string, P extends TProperties>(
  kind: { readonly type: T; readonly properties: P } & Omit<FillKind<T, TypedValue<T, P>>, 'type' | 'properties'>,
): FillKind<T, TypedValue<T, P>> {
  return kind;
}
