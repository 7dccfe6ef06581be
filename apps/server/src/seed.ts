import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import {
  CUT_OUT_PICTURES,
  cutOutFile,
  MOCKUPS,
  PICTURE_TAGS,
  SAMPLE_FOCUS,
  SAMPLE_PHOTOS,
  samplePhotoFile,
  sampleProjects,
  sampleTemplates,
  type CutOutPictureName,
} from '@kadrosyn/demo';
import { cutoutPicture, filledBounds, photoIdOf, type Cutout, type Photo } from '@kadrosyn/core';
import { decodePhoto, loadShaperFrom } from '@kadrosyn/render/node';
import sharp from 'sharp';
import type { Services } from './services.js';
import { HOME_WORKSPACE } from './workspace.js';

/**
 * Loads the sample photos, projects and templates where none are there yet, or anew.
 * @param options.reset - puts all projects into the bin and takes away the templates that came with the application first. Photos and templates of
 *   one's own stay.
 */
export async function seedSamples(services: Services, options: { readonly reset: boolean }): Promise<void> {
  const [projects, templates] = [services.projects(HOME_WORKSPACE), services.templates(HOME_WORKSPACE)];
  const [wantsProjects, wantsTemplates] = [
    options.reset || (await projects.count()) === 0,
    options.reset || !(await templates.list()).some(({ shipped }) => shipped),
  ];
  if (!wantsProjects && !wantsTemplates) return;
  const photos = await addSamplePhotos(services);
  await addMockupAreas(services, photos);
  const shaper = await loadShaperFrom(services.config.facesFolder);
  // The first of each list is to be the newest.
  if (wantsProjects) {
    await projects.removeAll();
    const cutouts = await addSampleCutouts(services, photos);
    for (const document of sampleProjects(photos, cutouts, shaper).toReversed()) await projects.create(document);
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
      // What is here already needs not be taken in again.
      const known = await store.find(photoIdOf(createHash('sha256').update(bytes).digest('hex')));
      if (known) return known;
      const taken = await services.tasks.intake({ bytes, limits: services.config.limits, focus: SAMPLE_FOCUS[name] });
      if (!taken.ok) throw new Error(`Sample photo ${name}: ${taken.refusal.message}`);
      return taken.photo;
    }),
  );
  const photos: Record<string, Photo> = {};
  for (const [index, name] of SAMPLE_PHOTOS.entries()) {
    const photo = added[index]!;
    const row = 'thumbnail' in photo ? await store.add(photo, name, [...PICTURE_TAGS[name].tags]) : await store.restore(photo.id);
    const { id, sha256, width, height, focus } = row;
    photos[name] = { id, sha256, name, width, height, ...(focus ? { focus } : {}) };
  }
  return photos;
}

/** Sample photos that are products have their areas from the first day. */
async function addMockupAreas(services: Services, photos: Record<string, Photo>): Promise<void> {
  const store = services.areas(HOME_WORKSPACE);
  for (const [name, mockup] of Object.entries(MOCKUPS)) {
    for (const area of mockup.areas) await store.keep(photos[name]!.id, area);
  }
}

/** Cutouts of sample photos from the exact coverage that comes with these; those that are there already are taken as they are. */
async function addSampleCutouts(services: Services, photos: Record<string, Photo>): Promise<Record<CutOutPictureName, Cutout>> {
  const names = Object.keys(CUT_OUT_PICTURES) as CutOutPictureName[];
  const entries = await Promise.all(
    names.map(async (name) => [name, await addSampleCutout(services, name, photos[name]!.id)] as const),
  );
  return Object.fromEntries(entries) as Record<CutOutPictureName, Cutout>;
}

async function addSampleCutout(services: Services, name: CutOutPictureName, photoId: string): Promise<Cutout> {
  const [store, cutouts] = [services.photos(HOME_WORKSPACE), services.cutouts(HOME_WORKSPACE)];
  const id = `sample_${name}`;
  const known = (await cutouts.list(photoId)).find((cutout) => cutout.id === id);
  if (known) return known;
  const [row, master] = [await store.find(photoId), await store.file(photoId, 'master')];
  const { data, info } = await sharp(await readFile(cutOutFile(name)))
    .extractChannel(0)
    .raw()
    .toBuffer({ resolveWithObject: true });
  const matte = { width: info.width, height: info.height, data: new Uint8Array(data) };
  const kept = cutoutPicture(await decodePhoto(master!.bytes), matte);
  const bytes = await sharp(Buffer.from(kept.data.buffer), { raw: { width: kept.width, height: kept.height, channels: 4 } })
    .png({ compressionLevel: 9 })
    .toBuffer();
  const taken = await services.tasks.matte({ bytes, photo: master!.bytes, screenLevel: row!.screenLevel });
  if (!taken.ok) throw new Error(`Cutout of ${name}: ${taken.message}`);
  const matteSha256 = await cutouts.addMatte(photoId, taken.full, taken.screen);
  // Whoever takes it up again finds a box around it, as if it had been begun so.
  const { x, y, width, height } = filledBounds(matte);
  const marks = [{ kind: 'box', points: [x, y, x + width, y + height] }] as const;
  return cutouts.addRevision(photoId, id, { name: CUT_OUT_PICTURES[name], matteSha256, marks });
}
