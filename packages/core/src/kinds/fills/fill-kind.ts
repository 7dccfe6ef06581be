import { Literal, Object as ObjectPart, type Static, type TObject, type TProperties } from 'typebox';
import type { Reference } from '../reference.js';
import type { Stored } from '../schema-parts.js';

/** All that there is to one kind of fill but how it is drawn, which is the renderer's (`FILL_DRAWERS` in `opening-body.ts`). */
export interface FillKind<T extends string, F> {
  readonly type: T;
  /** Schema of its own properties; all that has to be there is in it. */
  readonly properties: TProperties;
  /** What it needs besides itself. @default nothing */
  readonly refers?: (fill: F) => readonly Reference[];
  /** It is one colour or passes from one to another, whatever it lies in. */
  readonly isPlain: boolean;
}

type Flat<T> = { [K in keyof T]: T[K] };

/** The fills of a kind, by the schema of its own properties. */
export type FillFrom<T extends string, P extends TProperties> = Flat<{ readonly type: T } & Stored<Static<TObject<P>>>>;

/** Puts a kind together. The type of its fills follows from its schema. */
export function defineFill<const T extends string, P extends TProperties>(
  kind: { readonly type: T; readonly properties: P } & Omit<FillKind<T, FillFrom<T, P>>, 'type' | 'properties'>,
): FillKind<T, FillFrom<T, P>> {
  return kind;
}

/** The schema of a kind's fills. */
export function fillSchema({ type, properties }: { readonly type: string; readonly properties: TProperties }): TObject {
  return ObjectPart({ type: Literal(type), ...properties }, { additionalProperties: false });
}
