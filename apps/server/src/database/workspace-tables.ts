import { sql } from 'drizzle-orm';
import { bigint, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import { bytea, now } from './columns.js';

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
