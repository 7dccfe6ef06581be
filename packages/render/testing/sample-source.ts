import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import { photoIdOf, type Cutout, type Photo } from '@kadrosyn/core';
import {
  CUT_OUT_PICTURES,
  cutOutFile,
  SAMPLE_PHOTOS,
  samplePhotoFile,
  type CutOutPictureName,
  type SampleCutouts,
} from '@kadrosyn/demo';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, NODE_ENVIRONMENT } from '@kadrosyn/render/node';

/** The sample photos with their cutouts, and where their pixels come from. */
export interface SampleSource {
  readonly source: DecodedPhotoSource;
  readonly photos: Readonly<Record<string, Photo>>;
  readonly cutouts: SampleCutouts;
}

/** Of a photo there is only one. */
const MATTE = 'c'.repeat(64);

/** Reads all sample photos, as the server does when it puts the samples in. @param wanted - ids of those whose pixels are needed; all when absent. */
export async function sampleSource(wanted?: ReadonlySet<string>): Promise<SampleSource> {
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  const photos: Record<string, Photo> = {};
  const cutouts: Record<string, Cutout> = {};
  for (const name of SAMPLE_PHOTOS) {
    const bytes = await readFile(samplePhotoFile(name));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const id = photoIdOf(sha256);
    if (wanted && !wanted.has(id)) continue;
    const pixels = await decodePhoto(bytes);
    photos[name] = { id, sha256, name, width: pixels.width, height: pixels.height };
    source.add(id, pixels);
  }
  for (const [name, title] of Object.entries(CUT_OUT_PICTURES)) {
    const photo = photos[name];
    if (!photo) continue;
    const { data, info } = await sharp(cutOutFile(name as CutOutPictureName))
      .extractChannel(0)
      .toColourspace('b-w')
      .raw()
      .toBuffer({ resolveWithObject: true });
    source.addMatte(photo.id, MATTE, { width: info.width, height: info.height, data: new Uint8Array(data) });
    cutouts[name] = { id: name, name: title, revisions: [{ matteSha256: MATTE, marks: [] }] };
  }
  return { source, photos, cutouts: cutouts as SampleCutouts };
}
