import { PROJECT_VERSION, type Edit } from '@kadrosyn/core';
import { and, asc, eq, gt } from 'drizzle-orm';
import type { Database } from '../database/connect.js';
import { savedEdits } from '../database/schema.js';

/** A save as it was made. */
export interface SavedEdits {
  readonly revision: number;
  readonly saveId: string | null;
  readonly edits: readonly Edit[];
}

/** A save that is further behind than this is not joined with what came since. */
const MOST_SAVES = 1000;

/**
 * What was saved of a project since a revision, oldest first.
 * @param now - the present revision.
 * @returns null where not all of it is known any more, or some of it is of another version of the format.
 */
export async function savedSince(
  db: Database,
  { workspaceId, projectId }: { readonly workspaceId: string; readonly projectId: string },
  revision: number,
  now: number,
): Promise<readonly SavedEdits[] | null> {
  if (now - revision > MOST_SAVES) return null;
  const of = and(eq(savedEdits.workspaceId, workspaceId), eq(savedEdits.projectId, projectId), gt(savedEdits.revision, revision));
  const rows = await db.select().from(savedEdits).where(of).orderBy(asc(savedEdits.revision)).limit(MOST_SAVES);
  const isWhole = rows.length >= now - revision && rows.every((row, index) => row.revision === revision + 1 + index);
  return isWhole && rows.every(({ version }) => version === PROJECT_VERSION) ? rows : null;
}
