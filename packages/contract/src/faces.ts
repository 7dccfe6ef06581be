import type { FaceAxes } from '@kadrosyn/core';
import { Type, type Static } from 'typebox';
import { IdSchema } from './parts.js';

const AxisSchema = Type.Object({ min: Type.Number(), max: Type.Number(), default: Type.Number() });

/** A lettering face of the workspace's own. */
export const OwnFaceSchema = Type.Object({
  id: IdSchema,
  name: Type.String(),
  axes: Type.Unsafe<FaceAxes>(Type.Record(Type.String(), AxisSchema)),
  /** Id of the shipped face that looks most like it. */
  similar: IdSchema,
});
export type OwnFace = Static<typeof OwnFaceSchema>;

export const FaceListSchema = Type.Object({ faces: Type.Array(OwnFaceSchema) });
