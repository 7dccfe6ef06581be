import { and, asc, count, desc, eq, isNull } from 'drizzle-orm';
import { MOST_AREAS, type PhotoArea } from '@kadrosyn/core';
import { CodedError, notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { photoAreas, photos } from '../database/schema.js';

/** The areas of a workspace's photos. Projects have their own copies: what is here only proposes. */
export class AreaStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** Of one photo, the oldest first. */
  async list(photoId: string): Promise<PhotoArea[]> {
    const { id, name, form, seen } = photoAreas;
    const rows = await this.db
      .select({ id, name, form, seen })
      .from(photoAreas)
      .where(and(this.of(photoId), isNull(photoAreas.removedAt)))
      .orderBy(asc(photoAreas.createdAt), asc(photoAreas.id));
    return rows.map(({ seen, ...area }) => ({ ...area, ...seen }));
  }

  /** The photos that are products, since an area of theirs has a true size, with all of their areas; the newest photo first. */
  async mockups(): Promise<{ photoId: string; areas: PhotoArea[] }[]> {
    const { id, name, form, seen, photoId } = photoAreas;
    const rows = await this.db
      .select({ photoId, id, name, form, seen })
      .from(photoAreas)
      .innerJoin(photos, and(eq(photos.workspaceId, photoAreas.workspaceId), eq(photos.id, photoAreas.photoId)))
      .where(and(eq(photoAreas.workspaceId, this.workspaceId), isNull(photoAreas.removedAt), isNull(photos.removedAt)))
      .orderBy(desc(photos.createdAt), asc(photoAreas.createdAt), asc(photoAreas.id));
    const all = new Map<string, PhotoArea[]>();
    for (const { photoId: of, seen: more, ...area } of rows) {
      const areas = all.get(of) ?? [];
      all.set(of, areas);
      areas.push({ ...area, ...more });
    }
    return [...all].flatMap(([of, areas]) => (areas.some(({ size }) => size) ? [{ photoId: of, areas }] : []));
  }

  /**
   * Keeps an area, or what is new of it; one that was removed comes back.
   * @throws CodedError 404 without the photo, 422 when it has too many.
   */
  async keep(photoId: string, area: PhotoArea): Promise<PhotoArea> {
    const { workspaceId } = this;
    const { id, name, form, ...seen } = area;
    await this.db.transaction(async (tx) => {
      // Two windows that add at the same time do so one after the other.
      const [photo] = await tx
        .select({ id: photos.id })
        .from(photos)
        .where(and(eq(photos.workspaceId, workspaceId), eq(photos.id, photoId)))
        .for('update');
      if (!photo) throw notFound('The photo');
      await tx
        .insert(photoAreas)
        .values({ workspaceId, photoId, id, name, form, seen })
        .onConflictDoUpdate({
          target: [photoAreas.workspaceId, photoAreas.photoId, photoAreas.id],
          set: { name, form, seen, removedAt: null },
        });
      const [all] = await tx
        .select({ count: count() })
        .from(photoAreas)
        .where(and(this.of(photoId), isNull(photoAreas.removedAt)));
      if (all!.count > MOST_AREAS) {
        throw new CodedError(422, 'too-many-areas', `A photo keeps ${MOST_AREAS} areas. Remove one first; nothing was changed.`);
      }
    });
    return area;
  }

  /** Hides it here; keeping it again brings it back. Projects keep theirs. @throws CodedError 404 when it is not here. */
  async remove(photoId: string, id: string): Promise<void> {
    const gone = await this.db
      .update(photoAreas)
      .set({ removedAt: new Date() })
      .where(and(this.of(photoId), eq(photoAreas.id, id), isNull(photoAreas.removedAt)))
      .returning({ id: photoAreas.id });
    if (gone.length === 0) throw notFound('The area');
  }

  private of(photoId: string) {
    return and(eq(photoAreas.workspaceId, this.workspaceId), eq(photoAreas.photoId, photoId));
  }
}
