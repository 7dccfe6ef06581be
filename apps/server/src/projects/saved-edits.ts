import { PROJECT_VERSION, type Edit } from '@kadrosyn/core';
import { and, asc, eq, gt, lte } from 'drizzle-orm';
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
 * What was saved of a project between two of its revisions, oldest first.
 * @param revision - the earlier one.
 * @param now - the later one. What was saved after it, and be it this very moment, is left out: it is not in the document of that revision.
 * @returns null where not all of it is known any more, or some of it is of another version of the format.
 */
export async function savedSince(
  db: Database,
  { workspaceId, projectId }: { readonly workspaceId: string; readonly projectId: string },
  revision: number,
  now: number,
): Promise<readonly SavedEdits[] | null> {
  if (now - revision > MOST_SAVES) return null;
  const isOf = and(eq(savedEdits.workspaceId, workspaceId), eq(savedEdits.projectId, projectId));
  const isBetween = and(gt(savedEdits.revision, revision), lte(savedEdits.revision, now));
  const rows = await db.select().from(savedEdits).where(and(isOf, isBetween)).orderBy(asc(savedEdits.revision));
  const isWhole = rows.length === now - revision && rows.every((row, index) => row.revision === revision + 1 + index);
  return isWhole && rows.every(({ version }) => version === PROJECT_VERSION) ? rows : null;
}
