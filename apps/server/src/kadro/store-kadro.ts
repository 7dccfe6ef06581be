import { offeredArea } from '@kadrosyn/core';
import { requireRoomForPhotos, requireRoomForProject } from '../quota-check.js';
import type { Services } from '../services.js';
import type { StoredProject } from '../projects/project-store.js';
import type { TakenKadro } from './take-kadro.js';

/**
 * Stores a project that was taken in with all that it needs. New photos propose their cutouts and areas to other projects too; those that were here propose what they did.
 * @throws CodedError 422 when there is no room
 */
export async function storeKadro(services: Services, workspaceId: string, taken: TakenKadro): Promise<StoredProject> {
  const { document, photos, known, mattes, faces } = taken;
  const stores = {
    ...{ photos: services.photos(workspaceId), cutouts: services.cutouts(workspaceId), areas: services.areas(workspaceId) },
    ...{ projects: services.projects(workspaceId), faces: services.faces(workspaceId) },
  };
  await requireRoomForProject(stores.projects, services.config.quotas);
  if (photos.length > 0) await requireRoomForPhotos(stores.photos, services.config.quotas, photos.length);
  for (const { photo, name } of photos) await stores.photos.add(photo, name);
  for (const id of known) await stores.photos.restore(id);
  for (const { photoId, full, screen } of mattes) await stores.cutouts.addMatte(photoId, full, screen);
  for (const face of faces) await stores.faces.add(face);
  for (const { photo } of photos) {
    const { cutouts = [], areas = [] } = document.photos[photo.id] ?? {};
    for (const { id, name, revisions } of cutouts) {
      for (const revision of revisions) {
        const { matteSha256 } = revision;
        if ((await stores.cutouts.missing([{ photoId: photo.id, matteSha256 }])).length > 0) continue;
        await stores.cutouts.addRevision(photo.id, id, { name, ...revision });
      }
    }
    for (const area of areas) await stores.areas.keep(photo.id, offeredArea(area));
  }
  return stores.projects.create(document);
}
