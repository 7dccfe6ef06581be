import { createHash } from 'node:crypto';
import { isNotNull } from 'drizzle-orm';
import type { Queries } from './connect.js';
import { blobs } from './schema.js';

/** Stores the bytes of a file, once for each workspace. @returns the name by which they are found. */
export async function putBlob(
  tx: Queries,
  workspaceId: string,
  { bytes, type }: { readonly bytes: Buffer; readonly type: string },
): Promise<string> {
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await tx
    .insert(blobs)
    .values({ workspaceId, sha256, type, bytes })
    .onConflictDoUpdate({
      target: [blobs.workspaceId, blobs.sha256],
      set: { unownedSince: null },
      setWhere: isNotNull(blobs.unownedSince),
    });
  return sha256;
}
