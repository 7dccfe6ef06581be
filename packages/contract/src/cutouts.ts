import type { Cutout, CutoutRevision } from '@kadrosyn/core';
import { Type } from 'typebox';
import { IdSchema, NameSchema, Sha256Schema, STRICT } from './parts.js';

// What these hold is checked against the schema of the project when it is kept.
const Marks = Type.Unsafe<CutoutRevision['marks']>(Type.Array(Type.Unknown()));
const Edge = Type.Unsafe<NonNullable<CutoutRevision['edge']>>(Type.Object({}, { additionalProperties: true }));
const Pieces = Type.Unsafe<NonNullable<CutoutRevision['pieces']>>(Type.Object({}, { additionalProperties: true }));
const Made = { marks: Marks, edge: Type.Optional(Edge), pieces: Type.Optional(Pieces) };

const RevisionSchema = Type.Object({ matteSha256: Sha256Schema, ...Made });

export const CutoutSchema = Type.Unsafe<Cutout>(
  Type.Object({ id: IdSchema, name: Type.String(), revisions: Type.Array(RevisionSchema) }),
);
export const CutoutListSchema = Type.Object({ cutouts: Type.Array(CutoutSchema) });

/** How a revision of a cutout was made. */
export const NewRevisionSchema = Type.Object({ name: NameSchema, ...Made }, STRICT);
export const RevisionParams = Type.Object({ id: IdSchema, cutoutId: IdSchema, sha256: Sha256Schema });

export const MatteSchema = Type.Object({ matteSha256: Sha256Schema });
export const MatteParams = Type.Object({
  id: IdSchema,
  sha256: Sha256Schema,
  size: Type.Union([Type.Literal('full'), Type.Literal('screen')]),
});
