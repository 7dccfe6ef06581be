import type { ExportRequest } from '@kadrosyn/contract';
import type { Project } from '@kadrosyn/core';
import type { Database } from '../database/connect.js';
import { FaceStore } from '../faces/face-store.js';
import { filesToDraw } from '../photos/files-to-draw.js';
import type { WriteTask } from '../tasks/tasks.js';

/** What is drawn for a request, with the files that it needs, from the original photos. */
export async function taskFor(
  db: Database,
  workspaceId: string,
  project: Project,
  { sheetIds, file }: ExportRequest,
): Promise<Omit<WriteTask, 'facesFolder'>> {
  const files = await filesToDraw(db, workspaceId, { project, sheetIds }, 'master');
  return { project, sheetIds, file, ...files, faceFiles: await new FaceStore(db, workspaceId).filesFor(project) };
}
