import { Integer, Number as NumberPart, Unsafe, type TSchema } from 'typebox';

/**
 * What schemas of kinds are made of. Types of the document are derived from them (TypeBox), and the validator is compiled from them
 * (scripts/compile-schema.mjs). What stands in `$defs` of project.schema.json is referred to by its name there.
 */

/** A value as it stands in a document: nothing in it is changed in place. */
export type Stored<T> = T extends string | number | boolean | null | undefined ? T : { readonly [K in keyof T]: Stored<T[K]> };

/** A point in px or in shares, as its place in the document says. */
export const PointPart = Unsafe<{ x: number; y: number }>({ $ref: '#/$defs/point' });
/** Name of something in the project. */
export const IdPart = Unsafe<string>({ $ref: '#/$defs/id' });
/** Names bytes by their content. */
export const Sha256Part = Unsafe<string>({ $ref: '#/$defs/sha256' });
/** A name for people. */
export const NamePart = Unsafe<string>({ $ref: '#/$defs/name' });

/** A length in px of the sheet, 0 or more. */
export const LengthPart = NumberPart({ minimum: 0, maximum: 100_000 });

/** @param description - what it is a share of. */
export function sharePart(description: string, minimum = 0, maximum = 1) {
  return NumberPart({ minimum, maximum, description });
}

export function countPart(description: string, minimum: number, maximum: number) {
  return Integer({ minimum, maximum, description });
}

/** Exactly four of a kind, as for the corners of a box. @param items - their schema; `T` is what it stands for. */
export function fourOf<T>(items: TSchema, description: string) {
  return Unsafe<[T, T, T, T]>({ type: 'array', items, maxItems: 4, minItems: 4, description });
}
