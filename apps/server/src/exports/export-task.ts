import type { ExportRequest } from '@kadrosyn/contract';
import type { Project } from '@kadrosyn/core';
import type { Database } from '../database/connect.js';
import { FaceStore } from '../faces/face-store.js';
import { filesToDraw, filesToTakeAlong } from '../photos/files-to-draw.js';
import type { WriteTask } from '@kadrosyn/export';

/** What is drawn for a request, with the files that it needs, from the original photos. */
export async function taskFor(
  db: Database,
  workspaceId: string,
  project: Project,
  { sheetIds, file, name }: ExportRequest,
): Promise<Omit<WriteTask, 'facesFolder'>> {
  const faces = new FaceStore(db, workspaceId);
  const faceFiles = await faces.filesFor(project);
  if (file.type !== 'kadro') {
    const files = await filesToDraw(db, workspaceId, { project, sheetIds }, 'master');
    return { project, sheetIds, file, name, ...files, faceFiles };
  }
  const files = await filesToTakeAlong(db, workspaceId, project);
  return { project, sheetIds, file, name, ...files, faceFiles, faceOriginals: await faces.filesFor(project, 'original') };
}
