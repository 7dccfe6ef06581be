import { referencesOf } from '@kadrosyn/core';
import { DecodedPhotoSource } from '@kadrosyn/render';
import { decodePhoto, NODE_ENVIRONMENT } from '@kadrosyn/render/node';
import type { WriteTask } from './tasks.js';

/** The photos that a sheet shows, and their cutouts. They are decoded when they are asked for, and those of one sheet are gone when the next has its own. */
export class PhotosOfSheet {
  constructor(
    private readonly task: WriteTask,
    private readonly sheetId: string,
  ) {}

  /** @param onProgress - gets the share of them that is decoded, 0 to 1 */
  async source(onProgress: (share: number) => void): Promise<DecodedPhotoSource> {
    const { project, photoFiles, matteFiles } = this.task;
    const { photos, mattes } = referencesOf(project, [this.sheetId]);
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
}
