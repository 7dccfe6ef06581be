import { newId, PROJECT_VERSION, rebaseEdits, shortenedText, type Edit, type Project } from '@kadrosyn/core';
import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { CodedError, notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { comesAfter, pageOf, placeOf, type Page, type PageRequest } from '../database/page.js';
import { projects } from '../database/schema.js';
import type { CutoutStore } from '../photos/cutout-store.js';
import type { PhotoStore } from '../photos/photo-store.js';
import { stale, type CheckedDocument, type Documents } from './documents.js';
import { savedSince, type SavedEdits } from './saved-edits.js';
import { PROJECT_SUMMARY, type ProjectSummaryRow } from './project-summary.js';

export interface StoredProject {
  readonly id: string;
  /** The document as JSON of today's format. */
  readonly json: string;
  readonly revision: number;
  readonly updatedAt: Date;
}

/** Edits to be saved. */
export interface NewSave {
  /** The revision that they were made of. */
  readonly revision: number;
  readonly edits: readonly Edit[];
  /** A name of its own for this save; sent again under the same name, it is answered as it was. */
  readonly saveId?: string | undefined;
}

/** What came of a save. */
export interface Saved {
  readonly revision: number;
  readonly updatedAt: Date;
  /** What others saved since the revision that the save was made of, as it must read after the edits of the save. */
  readonly others: readonly Edit[];
}

/** How often a save is tried again because someone else was faster. */
const ATTEMPTS = 8;

/** The document comes as text: what only passes through is not taken apart. */
const COLUMNS = {
  id: projects.id,
  json: sql<string>`${projects.document}::text`,
  revision: projects.revision,
  updatedAt: projects.updatedAt,
};

/** The projects of one workspace. */
export class ProjectStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
    private readonly photos: PhotoStore,
    private readonly cutouts: CutoutStore,
    private readonly documents: Documents,
  ) {}

  /** Those that were not removed, changed last first. */
  async list({ limit, after }: PageRequest): Promise<Page<ProjectSummaryRow>> {
    const { updatedAt, id } = projects;
    const rows = await this.db
      .select({ ...PROJECT_SUMMARY, place: placeOf(updatedAt, id) })
      .from(projects)
      .where(and(this.isHere(), comesAfter(updatedAt, id, after)))
      .orderBy(desc(updatedAt), desc(id))
      .limit(limit + 1);
    return pageOf(rows, limit);
  }

  /** How many there are, those in the bin included. */
  async count(): Promise<number> {
    return this.db.$count(projects, eq(projects.workspaceId, this.workspaceId));
  }

  /** @throws CodedError 404; 422 when the stored document can no longer be read. */
  async read(id: string): Promise<StoredProject> {
    const row = await this.row(id);
    return { ...row, json: (await this.documents.check(row.json)).json };
  }

  /** The document taken apart. @throws CodedError as `read` does. */
  async document(id: string): Promise<{ readonly document: Project; readonly revision: number }> {
    const { json, revision } = await this.read(id);
    return { document: JSON.parse(json) as Project, revision };
  }

  /** @throws CodedError 422 when the document is no valid project or shows photos that are not here. */
  async create(document: unknown): Promise<StoredProject> {
    const checked = await this.documents.checkValue(document);
    await this.requireFiles(checked);
    const [row] = await this.db
      .insert(projects)
      .values({ workspaceId: this.workspaceId, id: newId('project'), document: asJsonb(checked), revision: 1 })
      .returning({ id: projects.id, revision: projects.revision, updatedAt: projects.updatedAt });
    return { ...row!, json: checked.json };
  }

  /**
   * Applies edits that were made of a revision, and joins them with what others saved since: only where both changed the same thing in different ways
   * is it refused. No connection is held while they are applied: the row is only changed where it still is of the revision that was read.
   * @throws CodedError 409 when they can not be joined with what was saved since; 422 when they do not fit. Nothing is changed then.
   */
  async save(id: string, save: NewSave): Promise<Saved> {
    for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
      const { revision, updatedAt } = await this.head(id);
      const since = await this.since(id, save, revision);
      const before = since.findIndex(({ saveId }) => saveId !== null && saveId === save.saveId);
      if (before >= 0) return { revision, updatedAt, others: othersThan(save.edits, since, before) };
      const others = since.flatMap(({ edits }) => edits);
      const known = this.documents.known.at(id, revision) ?? (await this.at(id, revision));
      if (known === null) continue;
      const changed = await this.documents.edit(known, save.edits, others);
      await this.requireFiles(changed);
      const saved = await this.keep(id, revision, changed, save.saveId ?? null, changed.mine ?? save.edits);
      if (!saved) continue;
      if (changed.project) this.documents.known.remember(id, saved.revision, changed.project, changed.json.length);
      return { ...saved, others: changed.others ?? [] };
    }
    throw stale((await this.head(id)).revision);
  }

  /** What was saved since the revision that a save was made of. @throws CodedError 409 where that is not known any more */
  private async since(projectId: string, { revision }: NewSave, now: number): Promise<readonly SavedEdits[]> {
    if (now === revision) return [];
    const { workspaceId } = this;
    const since = now > revision ? await savedSince(this.db, { workspaceId, projectId }, revision, now) : null;
    if (!since) throw stale(now);
    return since;
  }

  /** The document as JSON; null when it is of another revision meanwhile. */
  private async at(id: string, revision: number): Promise<string | null> {
    const row = await this.row(id);
    return row.revision === revision ? row.json : null;
  }

  /** Puts a document in the place of a revision, with the edits that made it; null when it is of another revision meanwhile. */
  private async keep(
    id: string,
    revision: number,
    changed: CheckedDocument,
    saveId: string | null,
    edits: readonly Edit[],
  ): Promise<{ readonly revision: number; readonly updatedAt: Date } | null> {
    const saved = await this.db.execute<{ revision: number; updated_at: string }>(sql`
      with saved as (
        update projects set document = ${asJsonb(changed)}, revision = revision + 1, updated_at = now()
        where ${and(this.is(id), eq(projects.revision, revision))}
        returning workspace_id, id, revision, updated_at
      ), kept as (
        insert into saved_edits (workspace_id, project_id, revision, version, save_id, edits)
        select workspace_id, id, revision, ${PROJECT_VERSION}, ${saveId}, ${JSON.stringify(edits)}::jsonb from saved
      )
      select revision, updated_at from saved`);
    const [row] = saved.rows;
    return row ? { revision: row.revision, updatedAt: new Date(row.updated_at) } : null;
  }

  /** A copy under another name. @throws CodedError 404 */
  async duplicate(id: string): Promise<StoredProject> {
    const { document } = await this.document(id);
    return this.create({ ...document, name: `${shortenedText(document.name, 190)}, copy` });
  }

  /** Puts a project into the bin, as it is. @throws CodedError 404 */
  async remove(id: string): Promise<void> {
    const moved = await this.db
      .update(projects)
      .set({ removedAt: sql`now()` })
      .where(this.is(id))
      .returning({ id: projects.id });
    if (moved.length === 0) throw notFound('The project');
  }

  /** Puts all projects into the bin. */
  async removeAll(): Promise<void> {
    await this.db
      .update(projects)
      .set({ removedAt: sql`now()` })
      .where(this.isHere());
  }

  /** The picture of the first sheet, the revision that it shows, and the present one. Null where there is none yet. @throws CodedError 404 */
  async thumbnail(id: string): Promise<{ bytes: Buffer | null; shown: number | null; revision: number }> {
    const { thumbnail: bytes, thumbnailRevision: shown, revision } = projects;
    const [row] = await this.db.select({ bytes, shown, revision }).from(projects).where(this.is(id));
    if (!row) throw notFound('The project');
    return row;
  }

  async keepThumbnail(id: string, revision: number, bytes: Buffer): Promise<void> {
    await this.db.update(projects).set({ thumbnail: bytes, thumbnailRevision: revision }).where(this.is(id));
  }

  /** @throws CodedError 422, with what is missing, when the document shows photos or cutouts that are not here. */
  async requireFiles({ photoIds, mattes }: CheckedDocument): Promise<void> {
    const [photos, cutouts] = await Promise.all([this.photos.missing(photoIds), this.cutouts.missing(mattes)]);
    if (photos.length + cutouts.length === 0) return;
    const message =
      photos.length > 0
        ? 'The project shows a photo that has not been added. Add the photo and save again.'
        : 'The project shows a cutout that is not kept here. Cut the photo out again and save.';
    throw new CodedError(422, 'file-missing', message, { photoIds: photos, mattes: cutouts });
  }

  /** What is known of a project without its document. */
  private async head(id: string) {
    const { revision, updatedAt } = projects;
    const [row] = await this.db.select({ revision, updatedAt }).from(projects).where(this.is(id));
    if (!row) throw notFound('The project');
    return row;
  }

  private async row(id: string): Promise<StoredProject> {
    const [row] = await this.db.select(COLUMNS).from(projects).where(this.is(id));
    if (!row) throw notFound('The project');
    return row;
  }

  private is(id: string) {
    return and(this.isHere(), eq(projects.id, id));
  }

  private isHere() {
    return and(eq(projects.workspaceId, this.workspaceId), isNull(projects.removedAt));
  }
}

/** The document for a column of jsonb, without taking it apart. */
export function asJsonb({ json }: CheckedDocument) {
  return sql<Project>`${json}::jsonb`;
}

/** What others did around a save that had arrived: what came before it as it must read after it, then what came since. */
function othersThan(edits: readonly Edit[], since: readonly SavedEdits[], own: number): readonly Edit[] {
  const [before, after] = [since.slice(0, own), since.slice(own + 1)].map((saves) => saves.flatMap((save) => save.edits));
  return [...rebaseEdits(edits, before!).theirs, ...after!];
}
