import { Type, type Static } from 'typebox';
import { StoredPhotoSchema } from './photos.js';
import { ProjectSummarySchema } from './projects.js';

const Removed = { removedAt: Type.String() };

/** What was removed and can still be brought back. */
export const BinSchema = Type.Object({
  /** How many days things lie here. */
  days: Type.Integer(),
  projects: Type.Array(Type.Object({ ...ProjectSummarySchema.properties, ...Removed })),
  photos: Type.Array(Type.Object({ ...StoredPhotoSchema.properties, ...Removed })),
});
export type Bin = Static<typeof BinSchema>;
