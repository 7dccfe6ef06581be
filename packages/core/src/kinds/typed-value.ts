import { Literal, Object as ObjectPart, type Static, type TObject, type TProperties } from 'typebox';
import type { Stored } from './schema-parts.js';

type Flat<T> = { [K in keyof T]: T[K] };

/** The values of a kind that are told by their `type`, by the schema of its own properties. */
export type TypedValue<T extends string, P extends TProperties> = Flat<{ readonly type: T } & Stored<Static<TObject<P>>>>;

/** The schema of such values. */
export function typedSchema({ type, properties }: { readonly type: string; readonly properties: TProperties }): TObject {
  return ObjectPart({ type: Literal(type), ...properties }, { additionalProperties: false });
}
