import { readFile } from 'node:fs/promises';
import { PICTURE_TAGS, SAMPLE_PHOTOS, samplePhotoFile } from '@kadrosyn/demo';
import sharp from 'sharp';

/** A picture of the collection. */
export interface Picture {
  readonly id: string;
  readonly title: string;
  readonly tags: readonly string[];
  readonly width: number;
  readonly height: number;
}

const THUMBNAIL_SIDE = 320;

/** The collection, newest first. */
export async function readPictures(): Promise<Picture[]> {
  const names = SAMPLE_PHOTOS.toReversed();
  return Promise.all(
    names.map(async (id) => {
      const { width, height } = await sharp(samplePhotoFile(id)).metadata();
      return { id, ...PICTURE_TAGS[id], width, height };
    }),
  );
}

/** The file of a picture as it is handed out. */
export function pictureFile(id: string): Promise<Buffer> {
  return readFile(samplePhotoFile(nameOf(id)));
}

export function pictureThumbnail(id: string): Promise<Buffer> {
  return sharp(samplePhotoFile(nameOf(id)))
    .resize(THUMBNAIL_SIDE, THUMBNAIL_SIDE, { fit: 'inside' })
    .jpeg({ quality: 82 })
    .toBuffer();
}

/** @throws RangeError when there is no such picture. */
function nameOf(id: string) {
  const name = SAMPLE_PHOTOS.find((other) => other === id);
  if (!name) throw new RangeError(`There is no picture ${id}`);
  return name;
}
