import { keptPictures, referencesOf, type NeededMatte, type Project } from '@kadrosyn/core';
import type { Database } from '../database/connect.js';
import type { PhotoBytes } from '@kadrosyn/export';
import { CutoutStore } from './cutout-store.js';
import { PhotoStore } from './photo-store.js';

/** The files that a drawing needs. */
export interface DrawingFiles {
  readonly photoFiles: Record<string, PhotoBytes>;
  readonly matteFiles: Record<string, PhotoBytes>;
}

/** All photos and mattes that sheets of a project show, those on sheets that they show too, at full size or as for the screen. What is not stored is left out. */
export async function filesToDraw(
  db: Database,
  workspaceId: string,
  { project, sheetIds }: { readonly project: Project; readonly sheetIds: readonly string[] },
  size: 'master' | 'screen',
): Promise<DrawingFiles> {
  return filesOf(db, workspaceId, referencesOf(project, sheetIds), size);
}

/** All photos that a project shows at full size, with all cutouts and areas that they have in it. */
export function filesToTakeAlong(db: Database, workspaceId: string, project: Project): Promise<DrawingFiles> {
  return filesOf(db, workspaceId, { photos: referencesOf(project).photos, mattes: keptPictures(project) }, 'master');
}

async function filesOf(
  db: Database,
  workspaceId: string,
  needed: { readonly photos: ReadonlySet<string>; readonly mattes: readonly NeededMatte[] },
  size: 'master' | 'screen',
): Promise<DrawingFiles> {
  const [photos, cutouts] = [new PhotoStore(db, workspaceId), new CutoutStore(db, workspaceId)];
  const photoFiles: Record<string, PhotoBytes> = {};
  for (const id of needed.photos) {
    const file = await photos.file(id, size);
    const row = await photos.find(id);
    if (file && row) photoFiles[id] = { bytes: file.bytes, level: size === 'screen' ? row.screenLevel : 0 };
  }
  const matteFiles: Record<string, PhotoBytes> = {};
  for (const { photoId, matteSha256 } of needed.mattes) {
    const file = await cutouts.matte(photoId, matteSha256, size === 'screen' ? 'screen' : 'full');
    const photo = photoFiles[photoId];
    if (file && photo) matteFiles[`${photoId}/${matteSha256}`] = { bytes: file.bytes, level: photo.level };
  }
  return { photoFiles, matteFiles };
}
