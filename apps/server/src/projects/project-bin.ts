import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { projects } from '../database/schema.js';
import { PROJECT_SUMMARY, type ProjectSummaryRow } from './project-summary.js';

/** The bin shows this many. */
const MOST_SHOWN = 500;

/** The projects of one workspace that were removed and can still be brought back. */
export class ProjectBin {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Removed last first. */
  list(): Promise<ProjectSummaryRow[]> {
    return this.db
      .select(PROJECT_SUMMARY)
      .from(projects)
      .where(and(this.isOurs(), isNotNull(projects.removedAt)))
      .orderBy(desc(projects.removedAt))
      .limit(MOST_SHOWN);
  }

  /** Brings a project back under the same id. One that is not in the bin stays as it is. @throws CodedError 404 */
  async restore(id: string): Promise<void> {
    const restored = await this.db
      .update(projects)
      .set({ removedAt: null })
      .where(this.isOurs(id))
      .returning({ id: projects.id });
    if (restored.length === 0) throw notFound('The project');
  }

  /** Takes what lies in the bin away for good. @param id - only this one. @throws CodedError 404 when that is not in the bin */
  async removeForGood(id?: string): Promise<void> {
    const gone = await this.db
      .delete(projects)
      .where(and(this.isOurs(id), isNotNull(projects.removedAt)))
      .returning({ id: projects.id });
    if (id !== undefined && gone.length === 0) throw notFound('The project');
  }

  /** Of this workspace, in the bin or not. @param id - only this one */
  private isOurs(id?: string) {
    return and(eq(projects.workspaceId, this.workspaceId), id === undefined ? undefined : eq(projects.id, id));
  }
}
