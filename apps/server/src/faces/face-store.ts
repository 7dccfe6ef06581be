import { and, asc, eq, inArray } from 'drizzle-orm';
import { referencesOf, type Project } from '@kadrosyn/core';
import { notFound } from '../coded-error.js';
import type { Database } from '../database/connect.js';
import { putBlob } from '../database/put-blob.js';
import { blobs, faces } from '../database/schema.js';
import type { TakenFace } from './take-face.js';

type FaceRow = typeof faces.$inferSelect;

/** The lettering faces of one workspace's own. */
export class FaceStore {
  constructor(
    private readonly db: Database,
    private readonly workspaceId: string,
  ) {}

  /** By name. */
  list(): Promise<FaceRow[]> {
    return this.db.select().from(faces).where(eq(faces.workspaceId, this.workspaceId)).orderBy(asc(faces.name), asc(faces.id));
  }

  /** Stores a face and its files in one transaction; one that is here already stays as it is. */
  add(face: TakenFace): Promise<FaceRow> {
    return this.db.transaction(async (tx) => {
      const original = await putBlob(tx, this.workspaceId, face.original);
      const blob = await putBlob(tx, this.workspaceId, { bytes: face.font, type: 'font/sfnt' });
      const { id, name, axes, similar } = face;
      await tx
        .insert(faces)
        .values({ workspaceId: this.workspaceId, id, name, axes, similar, original, blob })
        .onConflictDoNothing();
      const [row] = await tx.select().from(faces).where(this.is(id));
      return row!;
    });
  }

  /** The font of a face as HarfBuzz reads it. */
  async file(id: string): Promise<Buffer | undefined> {
    return (await this.files([id]))[id];
  }

  /** The fonts of those of `ids` that are here, or the files that they came in. */
  private async files(ids: readonly string[], which: 'blob' | 'original' = 'blob'): Promise<Record<string, Buffer>> {
    if (ids.length === 0) return {};
    const rows = await this.db
      .select({ id: faces.id, bytes: blobs.bytes })
      .from(faces)
      .innerJoin(blobs, and(eq(blobs.workspaceId, faces.workspaceId), eq(blobs.sha256, faces[which])))
      .where(and(eq(faces.workspaceId, this.workspaceId), inArray(faces.id, [...ids])));
    return Object.fromEntries(rows.map(({ id, bytes }) => [id, bytes]));
  }

  /** The fonts that a project needs and the application does not bring, or the files that they came in. */
  filesFor(project: Project, which: 'blob' | 'original' = 'blob'): Promise<Record<string, Buffer>> {
    return this.files(
      [...referencesOf(project).faces].filter((id) => id.startsWith('face_')),
      which,
    );
  }

  async remove(id: string): Promise<void> {
    const gone = await this.db.delete(faces).where(this.is(id)).returning({ id: faces.id });
    if (gone.length === 0) throw notFound('The face');
  }

  private is(id: string) {
    return and(eq(faces.workspaceId, this.workspaceId), eq(faces.id, id));
  }
}
