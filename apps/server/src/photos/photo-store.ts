import { createHash } from 'node:crypto';
import { and, desc, eq, inArray } from 'drizzle-orm';
import type { Database } from '../database/connect.js';
import { blobs, photos } from '../database/schema.js';
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

/** The photos of one workspace. */
export class PhotoStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Newest first. */
  list(): Promise<PhotoRow[]> {
    return this.db
      .select()
      .from(photos)
      .where(eq(photos.workspaceId, this.workspaceId))
      .orderBy(desc(photos.createdAt), desc(photos.id));
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

  /** Stores a photo and its files in one transaction; a photo that is here already stays as it is. */
  async add(photo: TakenPhoto, name: string): Promise<PhotoRow> {
    return this.db.transaction(async (tx) => {
      const put = async (file: StoredFile): Promise<string> => {
        const sha256 = createHash('sha256').update(file.bytes).digest('hex');
        await tx
          .insert(blobs)
          .values({ workspaceId: this.workspaceId, sha256, ...file })
          .onConflictDoNothing();
        return sha256;
      };
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
      };
      await tx.insert(photos).values(row).onConflictDoNothing();
      const [stored] = await tx.select().from(photos).where(this.is(photo.id));
      return stored!;
    });
  }

  private is(id: string) {
    return and(eq(photos.workspaceId, this.workspaceId), eq(photos.id, id));
  }
}
