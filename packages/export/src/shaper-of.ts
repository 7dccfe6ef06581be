import type { Shaper } from '@kadrosyn/core';
import { loadShaperFrom } from '@kadrosyn/render/node';
import type { WriteTask } from './write-task.js';

let shaper: Promise<Shaper> | undefined;

/** HarfBuzz with the faces of the application, loaded once for each process. */
export function loadedShaper(facesFolder: string): Promise<Shaper> {
  return (shaper ??= loadShaperFrom(facesFolder));
}

/** The same with the fonts of the workspace's own that a project needs. */
export async function shaperOf({ facesFolder, faceFiles }: Pick<WriteTask, 'facesFolder' | 'faceFiles'>): Promise<Shaper> {
  const own = Object.entries(faceFiles).map(([id, file]) => ({ id, files: [file] }));
  const shipped = await loadedShaper(facesFolder);
  return own.length > 0 ? shipped.with(own) : shipped;
}
