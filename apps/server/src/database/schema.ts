import { sql } from 'drizzle-orm';
import type { Bounds, CutoutRevision, Developing, Edit, FaceAxes, Finish, Project } from '@kadrosyn/core';
import type { OutFormatId } from '@kadrosyn/formats';
import {
  bigint,
  boolean,
  customType,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  real,
  text,
  timestamp,
} from 'drizzle-orm/pg-core';

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });
const now = (name: string) => timestamp(name, { withTimezone: true }).notNull().defaultNow();

export const workspaces = pgTable('workspaces', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  createdAt: now('created_at'),
});

/** Bytes of files, named by their content; the same bytes are stored once for each workspace. */
export const blobs = pgTable(
  'blobs',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    sha256: text('sha256').notNull(),
    type: text('type').notNull(),
    bytes: bytea('bytes').notNull(),
    /** How many bytes; known without reading them. */
    size: bigint('size', { mode: 'number' }).generatedAlwaysAs(sql`octet_length(bytes)`),
    /** Since when nothing names it; null while something does. See database/sweep. */
    unownedSince: timestamp('unowned_since', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.workspaceId, table.sha256] })],
);

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

/** Outlines of the workspace's own: drawn, taken from a drawing, or made of several. */
export const outlines = pgTable(
  'outlines',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    name: text('name').notNull(),
    /** Path data in shares of the box. */
    d: text('d').notNull(),
    /** Width for a height of 1. */
    proportion: real('proportion').notNull(),
    createdAt: now('created_at'),
  },
  (table) => [primaryKey({ columns: [table.workspaceId, table.id] })],
);

/** Lettering faces of the workspace's own. `blob` is the font as HarfBuzz reads it, `original` the file as it was added. */
export const faces = pgTable(
  'faces',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    name: text('name').notNull(),
    axes: jsonb('axes').$type<FaceAxes>().notNull(),
    /** The shipped face that looks most like it. */
    similar: text('similar').notNull(),
    original: text('original').notNull(),
    blob: text('blob').notNull(),
    createdAt: now('created_at'),
  },
  (table) => [primaryKey({ columns: [table.workspaceId, table.id] })],
);

/** What lists say of a document, kept beside it so that they need not read it: how many sheets, its unit, and px and dpi of the first. */
const summaryColumns = () => ({
  sheets: integer('sheets').generatedAlwaysAs(sql`jsonb_array_length(document->'sheets')`),
  unit: text('unit').generatedAlwaysAs(sql`document->>'unit'`),
  width: doublePrecision('width').generatedAlwaysAs(sql`(document#>>'{sheets,0,width}')::float8`),
  height: doublePrecision('height').generatedAlwaysAs(sql`(document#>>'{sheets,0,height}')::float8`),
  dpi: doublePrecision('dpi').generatedAlwaysAs(sql`(document#>>'{sheets,0,dpi}')::float8`),
});

export const projects = pgTable(
  'projects',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    document: jsonb('document').$type<Project>().notNull(),
    revision: integer('revision').notNull(),
    thumbnail: bytea('thumbnail'),
    thumbnailRevision: integer('thumbnail_revision'),
    createdAt: now('created_at'),
    updatedAt: now('updated_at'),
    name: text('name').generatedAlwaysAs(sql`document->>'name'`),
    ...summaryColumns(),
    /** A removed project lies in the bin, as it was, until it is brought back or its time is over. */
    removedAt: timestamp('removed_at', { withTimezone: true }),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.id] }),
    index('projects_by_time').on(table.workspaceId, table.updatedAt, table.id),
  ],
);

/** What each of the last saves of a project did: a save that was made of an earlier revision is joined with what came since. */
export const savedEdits = pgTable(
  'saved_edits',
  {
    workspaceId: text('workspace_id').notNull(),
    projectId: text('project_id').notNull(),
    /** The revision that the save made. */
    revision: integer('revision').notNull(),
    /** The version of the format that the edits are of. */
    version: integer('version').notNull(),
    /** The name that the save gave itself: one whose answer was lost is known again. */
    saveId: text('save_id'),
    edits: jsonb('edits').$type<Edit[]>().notNull(),
    savedAt: now('saved_at'),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.projectId, table.revision] }),
    foreignKey({ columns: [table.workspaceId, table.projectId], foreignColumns: [projects.workspaceId, projects.id] }).onDelete(
      'cascade',
    ),
    index('saved_edits_by_time').on(table.savedAt),
  ],
);

/** Projects to begin from. Their slots are filled by whoever begins. */
export const templates = pgTable(
  'templates',
  {
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    name: text('name').notNull(),
    /** More words by which it is found. */
    words: text('words').notNull(),
    /** It came with the application. */
    shipped: boolean('shipped').notNull(),
    document: jsonb('document').$type<Project>().notNull(),
    thumbnail: bytea('thumbnail'),
    createdAt: now('created_at'),
    ...summaryColumns(),
  },
  (table) => [primaryKey({ columns: [table.workspaceId, table.id] })],
);

export type ExportState = 'waiting' | 'running' | 'done' | 'failed' | 'cancelled';

export const exports = pgTable(
  'exports',
  {
    workspaceId: text('workspace_id').notNull(),
    id: text('id').notNull(),
    projectId: text('project_id').notNull(),
    sheetId: text('sheet_id').notNull(),
    scale: real('scale').notNull(),
    type: text('type').$type<OutFormatId>().notNull(),
    quality: integer('quality').notNull(),
    /** The document as it was when the export was asked for. */
    document: jsonb('document').$type<Project>().notNull(),
    state: text('state').$type<ExportState>().notNull(),
    /** 0 to 1. */
    progress: real('progress').notNull(),
    message: text('message'),
    bytes: bytea('bytes'),
    /** Who draws it, a name of its own for each attempt; only that one may report. */
    attempt: text('attempt'),
    /** How often it was begun. */
    attempts: integer('attempts').notNull().default(0),
    /** When whoever draws it was last heard of. */
    heardAt: timestamp('heard_at', { withTimezone: true }),
    createdAt: now('created_at'),
  },
  (table) => [
    primaryKey({ columns: [table.workspaceId, table.id] }),
    foreignKey({ columns: [table.workspaceId, table.projectId], foreignColumns: [projects.workspaceId, projects.id] }).onDelete(
      'cascade',
    ),
  ],
);

/** Finishes kept under a name. `revision` is raised whenever the finish is changed; lengths belong to a sheet of shorter side `side`. */
export const styles = pgTable(
  'styles',
  {
    id: text('id').primaryKey(),
    workspaceId: text('workspace_id')
      .notNull()
      .references(() => workspaces.id, { onDelete: 'cascade' }),
    name: text('name').notNull(),
    revision: integer('revision').notNull(),
    side: real('side').notNull(),
    finish: jsonb('finish').$type<Finish>().notNull(),
    developing: jsonb('developing').$type<Developing>(),
    createdAt: now('created_at'),
  },
  (table) => [index('styles_by_workspace').on(table.workspaceId)],
);
