import { Type, type Static } from 'typebox';
import { IdSchema } from './parts.js';

/** A picture of the picture library, which is a service outside: whatever it answers is checked against this. */
const LibraryPictureSchema = Type.Object({
  id: IdSchema,
  title: Type.String({ maxLength: 300 }),
  tags: Type.Array(Type.String({ maxLength: 100 })),
  width: Type.Integer({ minimum: 1 }),
  height: Type.Integer({ minimum: 1 }),
});
export type LibraryPicture = Static<typeof LibraryPictureSchema>;

/** One page of what the picture library found. */
export const LibraryPageSchema = Type.Object({
  total: Type.Integer({ minimum: 0 }),
  page: Type.Integer({ minimum: 1 }),
  pages: Type.Integer({ minimum: 1 }),
  pictures: Type.Array(LibraryPictureSchema),
});
export type LibraryPage = Static<typeof LibraryPageSchema>;

export const LibraryQuery = Type.Object({
  words: Type.Optional(Type.String({ maxLength: 200 })),
  page: Type.Optional(Type.String({ pattern: '^[1-9][0-9]{0,3}$' })),
});

/** What is kept of a picture that is taken over. */
export const TakenPictureSchema = Type.Object({
  title: Type.String({ minLength: 1, maxLength: 120 }),
  tags: Type.Array(Type.String({ maxLength: 40 }), { maxItems: 40 }),
});
