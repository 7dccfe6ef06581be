import { areaOf, findOpening, placedPhoto, type GripContext, type Opening, type Photo, type PhotoArea } from '@kadrosyn/core';

/** Where an opening lies: in an area of the photo that its host shows. */
export interface Lying {
  readonly host: Opening;
  readonly photo: Photo;
  readonly area: PhotoArea;
}

/** Where an opening lies; null for one that lies free, or whose area is gone. */
export function lyingOf(opening: Opening, context: GripContext): Lying | null {
  const host = opening.host && findOpening(context.sheet, opening.host.itemId);
  const photo = host && placedPhoto(host, context)?.photo;
  const area = photo && areaOf(photo, opening.host.areaId);
  return area ? { host, photo, area } : null;
}
