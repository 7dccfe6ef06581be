import type { Photo, Project, Shaper } from '@kadrosyn/core';
import { openKilnCard } from './open-kiln-card.js';
import { openKilnPoster } from './open-kiln-poster.js';
import { ringBadge } from './ring-badge.js';
import type { SamplePhotoName } from './sample-photos.js';
import { workshopCard } from './workshop-card.js';

export type SamplePhotos = Readonly<Record<SamplePhotoName, Photo>>;

/** The sample projects of Wrenfold Pottery, made in the document format of the application. */
export function sampleProjects(photos: Readonly<Record<string, Photo>>, shaper: Shaper): Project[] {
  const known = photos as SamplePhotos;
  return [openKilnCard(known, shaper), openKilnPoster(known, shaper), workshopCard(known, shaper), ringBadge(known, shaper)];
}
