import { readFile } from 'node:fs/promises';
import { SAMPLE_PHOTOS, samplePhotoFile, sampleProjects } from '@kadrosyn/demo';
import { loadShaperFrom } from '@kadrosyn/render/node';
import type { Photo } from '@kadrosyn/core';
import type { Services } from './services.js';
import { HOME_WORKSPACE } from './workspace.js';

/**
 * Loads the sample photos and projects where no project is there yet, or anew.
 * @param options.reset - takes away all projects first. Photos of one's own stay.
 */
export async function seedSamples(services: Services, options: { readonly reset: boolean }): Promise<void> {
  const projects = services.projects(HOME_WORKSPACE);
  const present = await projects.list();
  if (present.length > 0 && !options.reset) return;
  for (const project of present) await projects.remove(project.id);
  const photos = await addSamplePhotos(services);
  const shaper = await loadShaperFrom(services.config.facesFolder);
  // The first of the list is to be the one changed last.
  for (const document of sampleProjects(photos, shaper).toReversed()) await projects.create(document);
}

async function addSamplePhotos(services: Services): Promise<Record<string, Photo>> {
  const store = services.photos(HOME_WORKSPACE);
  const added = await Promise.all(
    SAMPLE_PHOTOS.map(async (name) => {
      const bytes = await readFile(samplePhotoFile(name));
      const taken = await services.tasks.intake({ bytes, limits: services.config.limits });
      if (!taken.ok) throw new Error(`Sample photo ${name}: ${taken.refusal.message}`);
      return taken.photo;
    }),
  );
  const photos: Record<string, Photo> = {};
  for (const [index, name] of SAMPLE_PHOTOS.entries()) {
    const { id, sha256, width, height, focus } = await store.add(added[index]!, name);
    photos[name] = { id, sha256, name, width, height, ...(focus ? { focus } : {}) };
  }
  return photos;
}
