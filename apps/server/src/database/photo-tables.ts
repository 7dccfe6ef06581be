import type { Bounds, CutoutRevision, PhotoArea } from '@kadrosyn/core';
import { boolean, foreignKey, index, integer, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import { now } from './columns.js';
import { workspaces } from './workspace-tables.js';

/** `sha256` is of the file as it was uploaded; it names the photo. The others name blobs. */
export const photos = pgTable(
  'photos',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    sha256: text('sha256').notNull(),
    name: text('name').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    opaque: boolean('opaque').notNull(),
    /** What stands out, px of the photo; null where nothing does. */
    focus: jsonb('focus').$type<Bounds>(),
    originalBlob: text('original_blob').notNull(),
    masterBlob: text('master_blob').notNull(),
    screenBlob: text('screen_blob').notNull(),
    /** The level of the photo that the screen file is: 0 is full size, each further one half of it. */
    screenLevel: integer('screen_level').notNull(),
    thumbnailBlob: text('thumbnail_blob').notNull(),
    tags: jsonb('tags').$type<string[]>().notNull().default([]),
    createdAt: now('created_at'),
    /** A removed photo is in no list; what shows it goes on showing it. */
    removedAt: timestamp('removed_at', { withTimezone: true }),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.id] }),
    index('photos_by_time').on(table.workspaceId, table.createdAt, table.id),
  ],
);

/** Soft masks of photos, named by their file: a PNG of the photo's size whose alpha is the matte, with the subject's own colours where it is soft. */
export const mattes = pgTable(
  'mattes',
  {
    workspaceId: text('workspace_id').notNull(),
    photoId: text('photo_id').notNull(),
    /** Names the blob of the file. */
    sha256: text('sha256').notNull(),
    /** The same at the level of the photo's screen file. */
    screenBlob: text('screen_blob').notNull(),
    createdAt: now('created_at'),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.photoId, table.sha256] }),
    foreignKey({ columns: [table.workspaceId, table.photoId], foreignColumns: [photos.workspaceId, photos.id] }).onDelete(
      'cascade',
    ),
  ],
);

/** Revisions of the named cutouts of photos; `revision` is their order. Each is named by its matte; the name of the cutout is that of all revisions. */
export const cutouts = pgTable(
  'cutouts',
  {
    workspaceId: text('workspace_id').notNull(),
    photoId: text('photo_id').notNull(),
    id: text('id').notNull(),
    revision: integer('revision').notNull(),
    name: text('name').notNull(),
    matteSha256: text('matte_sha256').notNull(),
    marks: jsonb('marks').$type<CutoutRevision['marks']>().notNull(),
    edge: jsonb('edge').$type<NonNullable<CutoutRevision['edge']>>(),
    pieces: jsonb('pieces').$type<NonNullable<CutoutRevision['pieces']>>(),
    createdAt: now('created_at'),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.photoId, table.id, table.revision] }),
    foreignKey({
      columns: [table.workspaceId, table.photoId, table.matteSha256],
      foreignColumns: [mattes.workspaceId, mattes.photoId, mattes.sha256],
    }).onDelete('cascade'),
  ],
);

/** Parts of photos that can show something. A removed one is in no list; projects keep theirs. */
export const photoAreas = pgTable(
  'photo_areas',
  {
    workspaceId: text('workspace_id').notNull(),
    photoId: text('photo_id').notNull(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    form: jsonb('form').$type<PhotoArea['form']>().notNull(),
    /** Its surface and what stands in front of it. */
    seen: jsonb('seen').$type<Omit<PhotoArea, 'id' | 'name' | 'form'>>(),
    createdAt: now('created_at'),
    removedAt: timestamp('removed_at', { withTimezone: true }),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.photoId, table.id] }),
    foreignKey({ columns: [table.workspaceId, table.photoId], foreignColumns: [photos.workspaceId, photos.id] }).onDelete(
      'cascade',
    ),
  ],
);
