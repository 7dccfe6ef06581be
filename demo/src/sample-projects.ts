import type { Cutout, Photo, Project, Shaper } from '@kadrosyn/core';
import type { CutOutPictureName } from './cut-out-pictures.js';
import { figureInMirror } from './figure-in-mirror.js';
import { foxOnPrint } from './fox-on-print.js';
import { glazeCover } from './glaze-cover.js';
import { hareThroughWord } from './hare-through-word.js';
import { heronAndLetters } from './heron-and-letters.js';
import { lakeBehindWindow } from './lake-behind-window.js';
import { kilnProgramme } from './kiln-programme.js';
import { mugListing } from './mug-listing.js';
import { openKilnCard } from './open-kiln-card.js';
import { openKilnPoster } from './open-kiln-poster.js';
import { ribbonRoundRing } from './ribbon-round-ring.js';
import { posterOnWall } from './poster-on-wall.js';
import { ringBadge } from './ring-badge.js';
import { scatteredHills } from './scattered-hills.js';
import type { SamplePhotoName } from './sample-photos.js';
import { totePrint } from './tote-print.js';
import { workshopCard } from './workshop-card.js';

export type SamplePhotos = Readonly<Record<SamplePhotoName, Photo>>;

export type SampleCutouts = Readonly<Record<CutOutPictureName, Cutout>>;

/** The sample projects of Wrenfold Pottery, made in the document format of the application. */
export function sampleProjects(photos: Readonly<Record<string, Photo>>, cutouts: SampleCutouts, shaper: Shaper): Project[] {
  const known = photos as SamplePhotos;
  const plain = [
    openKilnCard,
    openKilnPoster,
    workshopCard,
    ringBadge,
    scatteredHills,
    lakeBehindWindow,
    posterOnWall,
    mugListing,
    totePrint,
    glazeCover,
    kilnProgramme,
  ];
  const withCutouts: Record<string, Photo> = { ...known };
  for (const [name, cutout] of Object.entries(cutouts))
    withCutouts[name] = { ...known[name as CutOutPictureName], cutouts: [cutout] };
  const brokenOut = [heronAndLetters, hareThroughWord, foxOnPrint, ribbonRoundRing, figureInMirror];
  return [
    ...plain.map((sample) => sample(known, shaper)),
    ...brokenOut.map((sample) => sample(withCutouts as SamplePhotos, shaper)),
  ];
}
