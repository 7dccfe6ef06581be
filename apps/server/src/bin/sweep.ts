import { sql } from 'drizzle-orm';
import type { Database } from '../database/connect.js';

/** Days that something lies in the bin, and that bytes stay after their last owner went. */
export const DAYS_KEPT = 30;

/** What a sweep took away. */
export interface Swept {
  readonly projects: number;
  readonly photos: number;
  readonly blobs: number;
}

const isOver = (column: string) => sql`${sql.raw(column)} < now() - make_interval(days => ${DAYS_KEPT})`;

/** A photo that some project, in the bin or not, some template, or an export that is still to be drawn lists. */
const isListed = sql`
  exists (select 1 from projects p where p.workspace_id = photos.workspace_id and p.document->'photos' ? photos.id)
  or exists (select 1 from templates t where t.workspace_id = photos.workspace_id and t.document->'photos' ? photos.id)
  or exists (select 1 from exports e where e.workspace_id = photos.workspace_id and e.state in ('waiting', 'running')
    and e.document->'photos' ? photos.id)`;

/** Everything that names a blob. */
const isOwned = sql`
  exists (select 1 from photos p where p.workspace_id = b.workspace_id
    and b.sha256 in (p.original_blob, p.master_blob, p.screen_blob, p.thumbnail_blob))
  or exists (select 1 from mattes m where m.workspace_id = b.workspace_id and b.sha256 in (m.sha256, m.screen_blob))
  or exists (select 1 from faces f where f.workspace_id = b.workspace_id and b.sha256 in (f.original, f.blob))`;

/**
 * Takes away for good what has lain in the bin for its time, bytes that nothing has named for as long, and what saves did that long ago. Photos that a project or template lists
 * stay, whether they were removed or not.
 */
export async function sweep(db: Database): Promise<Swept> {
  const count = async (query: ReturnType<typeof sql>): Promise<number> => (await db.execute(query)).rowCount ?? 0;
  const projects = await count(sql`delete from projects where ${isOver('removed_at')}`);
  const photos = await count(sql`delete from photos where ${isOver('removed_at')} and not (${isListed})`);
  await db.execute(sql`update blobs b set unowned_since = null where unowned_since is not null and (${isOwned})`);
  await db.execute(sql`update blobs b set unowned_since = now() where unowned_since is null and not (${isOwned})`);
  await db.execute(sql`delete from saved_edits where ${isOver('saved_at')}`);
  const blobs = await count(sql`delete from blobs b where ${isOver('unowned_since')} and not (${isOwned})`);
  return { projects, photos, blobs };
}

/**
 * Takes photos out of the bin for good that no project or template lists.
 * @param id - only this one; all of the bin when absent.
 * @returns the ids of those that went.
 */
export async function removePhotosForGood(db: Database, workspaceId: string, id?: string): Promise<string[]> {
  const one = id === undefined ? sql`true` : sql`id = ${id}`;
  const gone = await db.execute<{ id: string }>(
    sql`delete from photos where workspace_id = ${workspaceId} and removed_at is not null and ${one} and not (${isListed}) returning id`,
  );
  return gone.rows.map((row) => row.id);
}
