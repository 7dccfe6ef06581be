import type { Developing, FaceAxes, Finish } from '@kadrosyn/core';
import { index, integer, jsonb, pgTable, primaryKey, real, text } from 'drizzle-orm/pg-core';
import { now } from './columns.js';
import { workspaces } from './workspace-tables.js';

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
