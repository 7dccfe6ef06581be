import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { CutoutRevision, NeededMatte } from '@kadrosyn/core';
import { notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { putBlob } from '../database/put-blob.js';
import { blobs, cutouts, mattes, photos } from '../database/schema.js';
import type { StoredFile } from './intake.js';

/** A cutout with all its revisions, the oldest first. */
export interface StoredCutout {
  readonly id: string;
  name: string;
  readonly revisions: CutoutRevision[];
}

/** A revision that is to be kept under the name of its cutout. */
export interface NewRevision extends CutoutRevision {
  readonly name: string;
}

/** The cutouts of a workspace's photos. */
export class CutoutStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** All cutouts of a photo with their revisions, the oldest first. */
  async list(photoId: string): Promise<StoredCutout[]> {
    const rows = await this.db
      .select()
      .from(cutouts)
      .where(this.of(photoId))
      .orderBy(asc(cutouts.createdAt), asc(cutouts.id), asc(cutouts.revision));
    const found = new Map<string, StoredCutout>();
    for (const { id, name, matteSha256, marks, edge, pieces } of rows) {
      const cutout: StoredCutout = found.get(id) ?? { id, name, revisions: [] };
      found.set(id, cutout);
      cutout.name = name;
      cutout.revisions.push({ matteSha256, marks, ...(edge ? { edge } : {}), ...(pieces ? { pieces } : {}) });
    }
    return [...found.values()];
  }

  /** Keeps the files of a matte; the same file is kept once. @returns the name of the matte. */
  async addMatte(photoId: string, full: StoredFile, screen: StoredFile): Promise<string> {
    return this.db.transaction(async (tx) => {
      const sha256 = await putBlob(tx, this.workspaceId, full);
      const screenBlob = await putBlob(tx, this.workspaceId, screen);
      await tx.insert(mattes).values({ workspaceId: this.workspaceId, photoId, sha256, screenBlob }).onConflictDoNothing();
      return sha256;
    });
  }

  /** Those that are not here. */
  async missing(needed: readonly NeededMatte[]): Promise<NeededMatte[]> {
    if (needed.length === 0) return [];
    const { photoId, sha256 } = mattes;
    const rows = await this.db
      .select({ photoId, sha256 })
      .from(mattes)
      .where(and(eq(mattes.workspaceId, this.workspaceId), inArray(sha256, [...new Set(needed.map((one) => one.matteSha256))])));
    const here = new Set(rows.map((row) => `${row.photoId}/${row.sha256}`));
    return needed.filter((one) => !here.has(`${one.photoId}/${one.matteSha256}`));
  }

  async matte(photoId: string, sha256: string, size: 'full' | 'screen'): Promise<StoredFile | undefined> {
    const [row] = await this.db
      .select({ bytes: blobs.bytes, type: blobs.type })
      .from(mattes)
      .innerJoin(
        blobs,
        and(eq(blobs.workspaceId, mattes.workspaceId), eq(blobs.sha256, size === 'full' ? mattes.sha256 : mattes.screenBlob)),
      )
      .where(and(eq(mattes.workspaceId, this.workspaceId), eq(mattes.photoId, photoId), eq(mattes.sha256, sha256)));
    return row;
  }

  /**
   * Adds the newest revision of a cutout, or its first. Earlier ones stay as they are; one that shows the same becomes the newest.
   * @throws CodedError 404 without the photo or the matte.
   */
  async addRevision(photoId: string, id: string, request: NewRevision): Promise<StoredCutout> {
    const { name, matteSha256, marks, edge = null, pieces = null } = request;
    if ((await this.missing([{ photoId, matteSha256 }])).length > 0) throw notFound('The matte');
    const { workspaceId } = this;
    await this.db.transaction(async (tx) => {
      // Two windows that add at the same time do so one after the other.
      await tx
        .select({ id: photos.id })
        .from(photos)
        .where(and(eq(photos.workspaceId, workspaceId), eq(photos.id, photoId)))
        .for('update');
      await tx.delete(cutouts).where(and(this.is(photoId, id), eq(cutouts.matteSha256, matteSha256)));
      const [last] = await tx
        .select({ next: sql<number>`coalesce(max(${cutouts.revision}), -1)::int + 1` })
        .from(cutouts)
        .where(this.is(photoId, id));
      const revision = last!.next;
      await tx.insert(cutouts).values({ workspaceId, photoId, id, revision, name, matteSha256, marks, edge, pieces });
      await tx.update(cutouts).set({ name }).where(this.is(photoId, id));
    });
    return (await this.list(photoId)).find((cutout) => cutout.id === id)!;
  }

  private of(photoId: string) {
    return and(eq(cutouts.workspaceId, this.workspaceId), eq(cutouts.photoId, photoId));
  }

  private is(photoId: string, id: string) {
    return and(this.of(photoId), eq(cutouts.id, id));
  }
}
