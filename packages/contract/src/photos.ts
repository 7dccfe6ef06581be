import { Type, type Static } from 'typebox';
import { IdSchema, NextSchema, STRICT } from './parts.js';

/** A photo of the workspace. */
export const StoredPhotoSchema = Type.Object({
  id: IdSchema,
  sha256: Type.String(),
  name: Type.String(),
  width: Type.Integer(),
  height: Type.Integer(),
  screenLevel: Type.Integer(),
  /** It has clear places, as artwork has. */
  clear: Type.Boolean(),
  tags: Type.Array(Type.String()),
  addedAt: Type.String(),
  focus: Type.Optional(Type.Object({ x: Type.Number(), y: Type.Number(), width: Type.Number(), height: Type.Number() })),
});
export type StoredPhoto = Static<typeof StoredPhotoSchema>;

export const PhotoPageSchema = Type.Object({ photos: Type.Array(StoredPhotoSchema), next: NextSchema });

/** What became of one file that was sent: a photo, or the reason why not. */
export const UploadedFileSchema = Type.Object({
  fileName: Type.String(),
  photo: Type.Optional(StoredPhotoSchema),
  error: Type.Optional(Type.Object({ code: Type.String(), message: Type.String() })),
});
export type UploadedFile = Static<typeof UploadedFileSchema>;

export const UploadedSchema = Type.Object({ files: Type.Array(UploadedFileSchema) });

export const PhotoChangeSchema = Type.Object(
  {
    name: Type.Optional(Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' })),
    tags: Type.Optional(Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { maxItems: 40 })),
    focus: Type.Optional(
      Type.Object(
        {
          x: Type.Number({ minimum: 0, maximum: 1e5 }),
          y: Type.Number({ minimum: 0, maximum: 1e5 }),
          width: Type.Number({ exclusiveMinimum: 0, maximum: 1e5 }),
          height: Type.Number({ exclusiveMinimum: 0, maximum: 1e5 }),
        },
        STRICT,
      ),
    ),
  },
  { ...STRICT, minProperties: 1 },
);
export type PhotoChange = Static<typeof PhotoChangeSchema>;

/** Where a photo is used. */
export const PhotoUsesSchema = Type.Object({
  projects: Type.Array(Type.Object({ id: IdSchema, name: Type.String() })),
  templates: Type.Array(Type.String()),
});
export type PhotoUses = Static<typeof PhotoUsesSchema>;

export const PhotoFileParams = Type.Object({
  id: IdSchema,
  file: Type.Union([Type.Literal('original'), Type.Literal('master'), Type.Literal('screen'), Type.Literal('thumbnail')]),
});
