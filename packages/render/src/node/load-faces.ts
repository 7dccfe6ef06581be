import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { SHIPPED_FACES, loadShaper, type Shaper } from '@kadrosyn/core';

/** A shaper with all faces of the application. @param folder - holds the .ttf files that the build decodes. */
export async function loadShaperFrom(folder: string): Promise<Shaper> {
  const faces = await Promise.all(
    SHIPPED_FACES.map(async (face) => ({
      id: face.id,
      files: await Promise.all(face.files.map((file) => readFile(join(folder, `${file}.ttf`)))),
    })),
  );
  return loadShaper(faces);
}
