import { CodedError } from './coded-error.js';
import type { Quotas } from './config.js';
import type { PhotoStore } from './photos/photo-store.js';
import type { ProjectStore } from './projects/project-store.js';

const WAY_OUT = 'What is here is kept; empty the bin, or remove what is no longer needed, and try again.';

/** @throws CodedError 422 when so many further photos may not be added to a workspace. */
export async function requireRoomForPhotos(photos: PhotoStore, quotas: Quotas, further = 1): Promise<void> {
  const amount = await photos.amount();
  if (amount.photos + further > quotas.photos)
    throw new CodedError(422, 'quota', `There is room for ${quotas.photos} photos, and all is taken. ${WAY_OUT}`);
  if (amount.bytes >= quotas.bytes) {
    const most = Math.round(quotas.bytes / 2 ** 20);
    throw new CodedError(422, 'quota', `There is room for ${most} MB of files, and all is taken. ${WAY_OUT}`);
  }
}

/** @throws CodedError 422 when no further project may be added to a workspace. */
export async function requireRoomForProject(projects: ProjectStore, quotas: Quotas): Promise<void> {
  if ((await projects.count()) < quotas.projects) return;
  throw new CodedError(422, 'quota', `There is room for ${quotas.projects} projects, and all is taken. ${WAY_OUT}`);
}
