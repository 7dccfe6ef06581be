import type { Edit, Project } from '@kadrosyn/core';
import type { ExportRequest } from '@kadrosyn/contract';
import { sql } from 'drizzle-orm';
import { boolean, foreignKey, index, integer, jsonb, pgTable, primaryKey, real, text, timestamp } from 'drizzle-orm/pg-core';
import { bytea, now, summaryColumns } from './columns.js';
import { workspaces } from './workspace-tables.js';

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
    /** What was asked for. */
    request: jsonb('request').$type<ExportRequest>().notNull(),
    /** What the file is called, with its extension. */
    name: text('name').notNull(),
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
