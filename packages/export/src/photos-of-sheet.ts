import { referencesOf } from '@kadrosyn/core';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, NODE_ENVIRONMENT } from '@kadrosyn/render/node';
import type { WriteTask } from './write-task.js';

/**
 * The photos that a sheet shows, and their cutouts, decoded: those of one sheet are gone when the next has its own, so that a long row of sheets takes no more memory than one.
 * @param onProgress - gets the share of them that is decoded, 0 to 1
 */
export async function photosOfSheet(
  { project, photoFiles, matteFiles }: Pick<WriteTask, 'project' | 'photoFiles' | 'matteFiles'>,
  sheetId: string,
  onProgress: (share: number) => void,
): Promise<DecodedPhotoSource> {
  const { photos, mattes } = referencesOf(project, [sheetId]);
  const source = new DecodedPhotoSource(NODE_ENVIRONMENT);
  for (const [index, id] of [...photos].entries()) {
    const [photo, file] = [project.photos[id], photoFiles[id]];
    if (photo && file) source.add(id, await decodePhoto(file.bytes), file.level, photo);
    onProgress((index + 1) / (photos.size + mattes.length));
  }
  for (const { photoId, matteSha256 } of mattes) {
    const [photo, file] = [project.photos[photoId], matteFiles[`${photoId}/${matteSha256}`]];
    if (photo && file && photoId in photoFiles)
      source.addCutout(photoId, matteSha256, await decodePhoto(file.bytes), file.level, photo);
  }
  return source;
}
