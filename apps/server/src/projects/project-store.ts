import { applyEdit, EditError, newId, openProject, photosUsed, type Edit, type Project } from '@kadrosyn/core';
import { and, desc, eq, sql } from 'drizzle-orm';
import { CodedError, notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { projects } from '../database/schema.js';
import { sheetColumns } from './sheet-columns.js';
import type { PhotoStore } from '../photos/photo-store.js';

export interface StoredProject {
  readonly id: string;
  readonly document: Project;
  readonly revision: number;
  readonly updatedAt: Date;
}

/** What the list of projects shows. */
export interface ProjectSummary {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly updatedAt: Date;
  readonly sheets: number;
  readonly unit: string;
  /** px and dpi of the first sheet. */
  readonly width: number;
  readonly height: number;
  readonly dpi: number;
}

const COLUMNS = { id: projects.id, document: projects.document, revision: projects.revision, updatedAt: projects.updatedAt };

/** The projects of one workspace. */
export class ProjectStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
    private readonly photos: PhotoStore,
  ) {}

  /** Changed last first. */
  async list(): Promise<ProjectSummary[]> {
    return this.db
      .select({
        id: projects.id,
        name: sql<string>`${projects.document}->>'name'`,
        revision: projects.revision,
        updatedAt: projects.updatedAt,
        ...sheetColumns(projects.document),
      })
      .from(projects)
      .where(eq(projects.workspaceId, this.workspaceId))
      .orderBy(desc(projects.updatedAt), desc(projects.id));
  }

  /** @throws CodedError 404; 422 when the stored document can no longer be read. */
  async read(id: string): Promise<StoredProject> {
    const [row] = await this.db.select(COLUMNS).from(projects).where(this.is(id));
    if (!row) throw notFound('The project');
    return { ...row, document: checkedProject(row.document) };
  }

  /** @throws CodedError 422 when the document is no valid project or shows photos that are not here. */
  async create(document: unknown): Promise<StoredProject> {
    const project = checkedProject(document);
    await this.requirePhotos(project);
    const [row] = await this.db
      .insert(projects)
      .values({ workspaceId: this.workspaceId, id: newId('project'), document: project, revision: 1 })
      .returning(COLUMNS);
    return row!;
  }

  /**
   * Applies edits to the revision that the sender knows.
   * @throws CodedError 409 when the project was changed since; 422 when the edits do not fit. Nothing is changed then.
   */
  async save(id: string, revision: number, edits: readonly Edit[]): Promise<StoredProject> {
    return this.db.transaction(async (tx) => {
      const [row] = await tx.select(COLUMNS).from(projects).where(this.is(id)).for('update');
      if (!row) throw notFound('The project');
      if (row.revision !== revision) {
        throw new CodedError(
          409,
          'stale',
          'The project was changed in another window. What you did here is kept on this screen; reload to see the other state, or save a copy.',
          { revision: row.revision },
        );
      }
      const document = checkedProject(applied(checkedProject(row.document), edits));
      await this.requirePhotos(document);
      const [saved] = await tx
        .update(projects)
        .set({ document, revision: revision + 1, updatedAt: sql`now()` })
        .where(this.is(id))
        .returning(COLUMNS);
      return saved!;
    });
  }

  /** A copy under another name. @throws CodedError 404 */
  async duplicate(id: string): Promise<StoredProject> {
    const { document } = await this.read(id);
    return this.create({ ...document, name: `${document.name.slice(0, 190)}, copy` });
  }

  /** @throws CodedError 404 */
  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(projects).where(this.is(id)).returning({ id: projects.id });
    if (gone.length === 0) throw notFound('The project');
  }

  /** The picture of the first sheet and the revision that it shows. */
  async thumbnail(id: string): Promise<{ bytes: Buffer; revision: number } | undefined> {
    const [row] = await this.db
      .select({ bytes: projects.thumbnail, revision: projects.thumbnailRevision })
      .from(projects)
      .where(this.is(id));
    return row?.bytes && row.revision !== null ? { bytes: row.bytes, revision: row.revision } : undefined;
  }

  async keepThumbnail(id: string, revision: number, bytes: Buffer): Promise<void> {
    await this.db.update(projects).set({ thumbnail: bytes, thumbnailRevision: revision }).where(this.is(id));
  }

  /** @throws CodedError 422 when the project shows photos that are not here. */
  async requirePhotos(project: Project): Promise<void> {
    const missing = await this.photos.missing([...photosUsed(project)]);
    if (missing.length > 0) {
      throw new CodedError(
        422,
        'photo-missing',
        'The project shows a photo that has not been added. Add the photo and save again.',
        {
          photoIds: missing,
        },
      );
    }
  }

  private is(id: string) {
    return and(eq(projects.workspaceId, this.workspaceId), eq(projects.id, id));
  }
}

/** @throws CodedError 422 when it is no valid project. */
export function checkedProject(document: unknown): Project {
  const opened = openProject(document);
  if (!opened.ok) throw new CodedError(422, 'not-a-project', opened.reason);
  return opened.project;
}

function applied(document: Project, edits: readonly Edit[]): Project {
  try {
    return edits.reduce(applyEdit, document);
  } catch (error) {
    if (error instanceof EditError || error instanceof TypeError) {
      throw new CodedError(
        422,
        'edit-does-not-fit',
        'A change does not fit the saved project. Nothing was changed; reload and try again.',
        {
          reason: error.message,
        },
      );
    }
    throw error;
  }
}
