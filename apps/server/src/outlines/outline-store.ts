import type { OwnOutline } from '@kadrosyn/contract';
import { and, desc, eq } from 'drizzle-orm';
import { newId } from '@kadrosyn/core';
import { CodedError, notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { outlines } from '../database/schema.js';
import type { TaskPools } from '../tasks/task-pools.js';
import { fitsItsBox } from './fits-its-box.js';

type OutlineRow = typeof outlines.$inferSelect;

/** What an outline of one's own is made of. */
export type NewOutline = Omit<OwnOutline, 'id'>;

/** Characters of path data that are looked at where requests are answered: some ms. */
const SMALL = 2000;

/** The outlines of one workspace. */
export class OutlineStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
    private readonly tasks: TaskPools,
  ) {}

  /** Newest first. */
  list(): Promise<OutlineRow[]> {
    return this.db
      .select()
      .from(outlines)
      .where(eq(outlines.workspaceId, this.workspaceId))
      .orderBy(desc(outlines.createdAt), desc(outlines.id));
  }

  /** @throws CodedError when the path data is no outline in the square of 0..1. */
  async add(outline: NewOutline): Promise<OutlineRow> {
    const fits = outline.d.length <= SMALL ? fitsItsBox(outline) : await this.tasks.outline(outline);
    if (!fits) {
      throw new CodedError(
        422,
        'no-outline',
        'This is no outline that can be kept: it does not fill its box. Nothing was changed.',
      );
    }
    const [row] = await this.db
      .insert(outlines)
      .values({ ...outline, id: newId('outline'), workspaceId: this.workspaceId })
      .returning();
    return row!;
  }

  async rename(id: string, name: string): Promise<OutlineRow> {
    const [row] = await this.db.update(outlines).set({ name }).where(this.is(id)).returning();
    if (!row) throw notFound('The outline');
    return row;
  }

  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(outlines).where(this.is(id)).returning({ id: outlines.id });
    if (gone.length === 0) throw notFound('The outline');
  }

  private is(id: string) {
    return and(eq(outlines.workspaceId, this.workspaceId), eq(outlines.id, id));
  }
}
