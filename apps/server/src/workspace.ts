import { eq } from 'drizzle-orm';
import type { Database } from './database/connect.js';
import { workspaces } from './database/schema.js';

/** The one workspace that there is until there are accounts. Every query is bound to a workspace all the same. */
export const HOME_WORKSPACE = 'workspace_home';

/** Makes the workspace if it is missing, and gives its name. */
export async function ensureWorkspace(db: Database, name: string): Promise<string> {
  await db.insert(workspaces).values({ id: HOME_WORKSPACE, name }).onConflictDoNothing();
  const [row] = await db.select().from(workspaces).where(eq(workspaces.id, HOME_WORKSPACE));
  return row!.name;
}
