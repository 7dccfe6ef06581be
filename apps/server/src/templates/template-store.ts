import type { TemplateSummary } from '@kadrosyn/contract';
import { newId, type Project } from '@kadrosyn/core';
import { and, desc, eq, sql } from 'drizzle-orm';
import { notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { templates } from '../database/schema.js';
import type { Documents } from '../projects/documents.js';
import { asJsonb, type ProjectStore } from '../projects/project-store.js';
import { summaryOf } from '../projects/summary-columns.js';

export interface NewTemplate {
  readonly name: string;
  readonly words: string;
  readonly document: unknown;
}

/** The templates of one workspace. */
export class TemplateStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
    private readonly projects: ProjectStore,
    private readonly documents: Documents,
  ) {}

  /** Own ones first, each newest first. */
  list(): Promise<TemplateSummary[]> {
    return this.db
      .select({
        id: templates.id,
        name: templates.name,
        words: templates.words,
        shipped: templates.shipped,
        ...summaryOf(templates),
      })
      .from(templates)
      .where(eq(templates.workspaceId, this.workspaceId))
      .orderBy(templates.shipped, desc(templates.createdAt), desc(templates.id));
  }

  /** @throws CodedError 404 */
  async read(id: string): Promise<{ readonly name: string; readonly words: string; readonly document: Project }> {
    const { name, words } = templates;
    const [row] = await this.db
      .select({ name, words, json: sql<string>`${templates.document}::text` })
      .from(templates)
      .where(this.is(id));
    if (!row) throw notFound('The template');
    const { json } = await this.documents.check(row.json);
    return { name: row.name, words: row.words, document: JSON.parse(json) as Project };
  }

  /** @throws CodedError 422 when the document is no valid project or shows photos that are not here. Gives the id. */
  async add({ name, words, document }: NewTemplate, shipped = false): Promise<string> {
    const checked = await this.documents.checkValue({ ...(document as object), name });
    await this.projects.requireFiles(checked);
    const id = newId('template');
    await this.db
      .insert(templates)
      .values({ workspaceId: this.workspaceId, id, name, words, shipped, document: asJsonb(checked) });
    return id;
  }

  async rename(id: string, name: string): Promise<void> {
    const changed = await this.db.update(templates).set({ name }).where(this.is(id)).returning({ id: templates.id });
    if (changed.length === 0) throw notFound('The template');
  }

  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(templates).where(this.is(id)).returning({ id: templates.id });
    if (gone.length === 0) throw notFound('The template');
  }

  /** Takes away those that came with the application; one's own stay. */
  async removeShipped(): Promise<void> {
    await this.db.delete(templates).where(and(eq(templates.workspaceId, this.workspaceId), eq(templates.shipped, true)));
  }

  async thumbnail(id: string): Promise<Buffer | null> {
    const [row] = await this.db.select({ bytes: templates.thumbnail }).from(templates).where(this.is(id));
    if (!row) throw notFound('The template');
    return row.bytes;
  }

  async keepThumbnail(id: string, bytes: Buffer): Promise<void> {
    await this.db.update(templates).set({ thumbnail: bytes }).where(this.is(id));
  }

  private is(id: string) {
    return and(eq(templates.workspaceId, this.workspaceId), eq(templates.id, id));
  }
}
