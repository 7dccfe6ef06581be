import type { PhotoArea } from '@kadrosyn/core';
import { Type, type Static } from 'typebox';
import { IdSchema, NameSchema, STRICT } from './parts.js';

// What it holds is checked against the schema of the project when it is kept.
const Form = Type.Unsafe<PhotoArea['form']>(Type.Object({ type: Type.String() }, { additionalProperties: true }));

const part = <K extends 'surface' | 'front' | 'hints'>() =>
  Type.Optional(Type.Unsafe<NonNullable<PhotoArea[K]>>(Type.Object({}, { additionalProperties: true })));
const size = Type.Optional(Type.Object({ width: Type.Number(), height: Type.Number() }, STRICT));
const Seen = {
  size,
  surface: part<'surface'>(),
  front: part<'front'>(),
  hints: part<'hints'>(),
  printed: Type.Optional(Type.Boolean()),
};

export const AreaSchema = Type.Unsafe<PhotoArea>(Type.Object({ id: IdSchema, name: Type.String(), form: Form, ...Seen }));
export const AreaListSchema = Type.Object({ areas: Type.Array(AreaSchema) });

/** Photos that are products: an area of theirs has a true size. */
export const MockupListSchema = Type.Object({
  mockups: Type.Array(Type.Object({ photoId: IdSchema, areas: Type.Array(AreaSchema) })),
});
export type Mockup = Static<typeof MockupListSchema>['mockups'][number];

/** An area as it is kept with its photo. */
export const NewAreaSchema = Type.Object({ name: NameSchema, form: Form, ...Seen }, STRICT);
export const AreaParams = Type.Object({ id: IdSchema, areaId: IdSchema });
