import { createHash } from 'node:crypto';
import type { Database } from './connect.js';
import { blobs } from './schema.js';

/** What a transaction is given to work with. */
type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

/** Stores the bytes of a file, once for each workspace. @returns the name by which they are found. */
export async function putBlob(
  tx: Transaction,
  workspaceId: string,
  { bytes, type }: { readonly bytes: Buffer; readonly type: string },
): Promise<string> {
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await tx.insert(blobs).values({ workspaceId, sha256, type, bytes }).onConflictDoNothing();
  return sha256;
}
