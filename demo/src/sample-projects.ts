import type { Photo, Project, Shaper } from '@kadrosyn/core';
import { glazeCover } from './glaze-cover.js';
import { kilnProgramme } from './kiln-programme.js';
import { openKilnCard } from './open-kiln-card.js';
import { openKilnPoster } from './open-kiln-poster.js';
import { ringBadge } from './ring-badge.js';
import { scatteredHills } from './scattered-hills.js';
import type { SamplePhotoName } from './sample-photos.js';
import { workshopCard } from './workshop-card.js';

export type SamplePhotos = Readonly<Record<SamplePhotoName, Photo>>;

/** The sample projects of Wrenfold Pottery, made in the document format of the application. */
export function sampleProjects(photos: Readonly<Record<string, Photo>>, shaper: Shaper): Project[] {
  const known = photos as SamplePhotos;
  const samples = [openKilnCard, openKilnPoster, workshopCard, ringBadge, scatteredHills, glazeCover, kilnProgramme];
  return samples.map((sample) => sample(known, shaper));
}
