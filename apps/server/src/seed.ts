import { readFile } from 'node:fs/promises';
import { PICTURE_TAGS, SAMPLE_PHOTOS, samplePhotoFile, sampleProjects, sampleTemplates } from '@kadrosyn/demo';
import { loadShaperFrom } from '@kadrosyn/render/node';
import type { Photo } from '@kadrosyn/core';
import type { Services } from './services.js';
import { HOME_WORKSPACE } from './workspace.js';

/**
 * Loads the sample photos, projects and templates where none are there yet, or anew.
 * @param options.reset - takes away all projects and the templates that came with the application first. Photos and templates of one's own
 *   stay.
 */
export async function seedSamples(services: Services, options: { readonly reset: boolean }): Promise<void> {
  const [projects, templates] = [services.projects(HOME_WORKSPACE), services.templates(HOME_WORKSPACE)];
  const present = await projects.list();
  const [wantsProjects, wantsTemplates] = [
    present.length === 0 || options.reset,
    options.reset || !(await templates.list()).some(({ shipped }) => shipped),
  ];
  if (!wantsProjects && !wantsTemplates) return;
  const photos = await addSamplePhotos(services);
  const shaper = await loadShaperFrom(services.config.facesFolder);
  // The first of each list is to be the newest.
  if (wantsProjects) {
    for (const project of present) await projects.remove(project.id);
    for (const document of sampleProjects(photos, shaper).toReversed()) await projects.create(document);
  }
  if (wantsTemplates) {
    await templates.removeShipped();
    for (const template of sampleTemplates(photos, shaper).toReversed()) await templates.add(template, true);
  }
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
    const { id, sha256, width, height, focus } = await store.add(added[index]!, name, [...PICTURE_TAGS[name].tags]);
    photos[name] = { id, sha256, name, width, height, ...(focus ? { focus } : {}) };
  }
  return photos;
}
