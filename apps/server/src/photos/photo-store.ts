import type { Bounds } from '@kadrosyn/core';
import { and, desc, eq, getTableColumns, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Database } from '../database/connect.js';
import { blobs, photos, projects, templates } from '../database/schema.js';
import { comesAfter, pageOf, placeOf, type Page, type PageRequest } from '../database/page.js';
import { putBlob } from '../database/put-blob.js';
import { notFound } from '../coded-error.js';
import type { StoredFile, TakenPhoto } from './intake.js';

export type PhotoRow = typeof photos.$inferSelect;

/** Which file of a photo is asked for. */
export type PhotoFile = 'original' | 'master' | 'screen' | 'thumbnail';

const BLOB_OF = {
  original: photos.originalBlob,
  master: photos.masterBlob,
  screen: photos.screenBlob,
  thumbnail: photos.thumbnailBlob,
} as const;

/** The bin shows this many. */
const MOST_SHOWN = 500;

/** The photos of one workspace. */
export class PhotoStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Those that were not removed, newest first. */
  async list({ limit, after }: PageRequest): Promise<Page<PhotoRow>> {
    const { createdAt, id } = photos;
    const rows = await this.db
      .select({ ...getTableColumns(photos), place: placeOf(createdAt, id) })
      .from(photos)
      .where(and(eq(photos.workspaceId, this.workspaceId), isNull(photos.removedAt), comesAfter(createdAt, id, after)))
      .orderBy(desc(createdAt), desc(id))
      .limit(limit + 1);
    return pageOf(rows, limit);
  }

  /** What lies in the bin, removed last first. */
  removed(): Promise<PhotoRow[]> {
    return this.db
      .select()
      .from(photos)
      .where(and(eq(photos.workspaceId, this.workspaceId), isNotNull(photos.removedAt)))
      .orderBy(desc(photos.removedAt))
      .limit(MOST_SHOWN);
  }

  /** How many photos there are, those in the bin included, and how many bytes all files have. */
  async amount(): Promise<{ readonly photos: number; readonly bytes: number }> {
    const [count, [sum]] = await Promise.all([
      this.db.$count(photos, eq(photos.workspaceId, this.workspaceId)),
      this.db
        .select({ bytes: sql<number>`coalesce(sum(${blobs.size}), 0)::float8` })
        .from(blobs)
        .where(eq(blobs.workspaceId, this.workspaceId)),
    ]);
    return { photos: count, bytes: sum!.bytes };
  }

  async find(id: string): Promise<PhotoRow | undefined> {
    const [row] = await this.db.select().from(photos).where(this.is(id));
    return row;
  }

  /** Those of `ids` that are not here. */
  async missing(ids: readonly string[]): Promise<string[]> {
    if (ids.length === 0) return [];
    const rows = await this.db
      .select({ id: photos.id })
      .from(photos)
      .where(and(eq(photos.workspaceId, this.workspaceId), inArray(photos.id, [...ids])));
    const here = new Set(rows.map((row) => row.id));
    return ids.filter((id) => !here.has(id));
  }

  async file(id: string, which: PhotoFile): Promise<StoredFile | undefined> {
    const [row] = await this.db
      .select({ bytes: blobs.bytes, type: blobs.type })
      .from(photos)
      .innerJoin(blobs, and(eq(blobs.workspaceId, photos.workspaceId), eq(blobs.sha256, BLOB_OF[which])))
      .where(this.is(id));
    return row;
  }

  /** Changes name, tags or focus. @throws CodedError 404 */
  change(id: string, change: { readonly name?: string; readonly tags?: string[]; readonly focus?: Bounds }): Promise<PhotoRow> {
    return this.update(id, change);
  }

  /** Takes a photo out of the list. Its files stay, so that whatever shows it goes on showing it. @throws CodedError 404 */
  async remove(id: string): Promise<void> {
    await this.update(id, { removedAt: new Date() });
  }

  /** Brings a removed photo back. @throws CodedError 404 */
  restore(id: string): Promise<PhotoRow> {
    return this.update(id, { removedAt: null });
  }

  private async update(id: string, set: Partial<typeof photos.$inferInsert>): Promise<PhotoRow> {
    const [row] = await this.db.update(photos).set(set).where(this.is(id)).returning();
    if (!row) throw notFound('The photo');
    return row;
  }

  /** Names of the projects and templates that hold the photo. */
  async uses(id: string): Promise<{ readonly projects: { id: string; name: string }[]; readonly templates: string[] }> {
    const has = (document: typeof projects.document | typeof templates.document) => sql`${document}->'photos' ? ${id}`;
    const [inProjects, inTemplates] = await Promise.all([
      this.db
        .select({ id: projects.id, name: sql<string>`${projects.document}->>'name'` })
        .from(projects)
        .where(and(eq(projects.workspaceId, this.workspaceId), has(projects.document)))
        .orderBy(desc(projects.updatedAt)),
      this.db
        .select({ name: templates.name })
        .from(templates)
        .where(and(eq(templates.workspaceId, this.workspaceId), has(templates.document)))
        .orderBy(templates.name),
    ]);
    return { projects: inProjects, templates: inTemplates.map(({ name }) => name) };
  }

  /**
   * Stores a photo and its files in one transaction; a photo that is here already stays as it is, and comes back if it was removed.
   * @param tags - of a new photo.
   */
  async add(photo: TakenPhoto, name: string, tags: string[] = []): Promise<PhotoRow> {
    return this.db.transaction(async (tx) => {
      const put = (file: StoredFile): Promise<string> => putBlob(tx, this.workspaceId, file);
      const row = {
        workspaceId: this.workspaceId,
        id: photo.id,
        sha256: photo.sha256,
        name,
        width: photo.width,
        height: photo.height,
        opaque: photo.opaque,
        focus: photo.focus ?? null,
        originalBlob: await put(photo.original),
        masterBlob: await put(photo.master),
        screenBlob: await put(photo.screen),
        screenLevel: photo.screenLevel,
        thumbnailBlob: await put(photo.thumbnail),
        tags,
      };
      await tx
        .insert(photos)
        .values(row)
        .onConflictDoUpdate({ target: [photos.workspaceId, photos.id], set: { removedAt: null } });
      const [stored] = await tx.select().from(photos).where(this.is(photo.id));
      return stored!;
    });
  }

  private is(id: string) {
    return and(eq(photos.workspaceId, this.workspaceId), eq(photos.id, id));
  }
}
