import { Injectable } from '@angular/core';
import { FACES, loadShaper, type Shaper } from '@kadrosyn/core';
import { Fault } from '../api/fault';

/** Loads HarfBuzz and the faces once, when they are first needed. */
@Injectable({ providedIn: 'root' })
export class ShaperLoader {
  private shaper: Promise<Shaper> | undefined;

  /** @throws Fault when a face can not be loaded; the next call tries again. */
  load(): Promise<Shaper> {
    this.shaper ??= this.fetchFaces().catch((error: unknown) => {
      this.shaper = undefined;
      throw error;
    });
    return this.shaper;
  }

  private async fetchFaces(): Promise<Shaper> {
    const file = async (name: string): Promise<Uint8Array> => {
      const response = await fetch(`/faces/${name}.ttf`);
      if (!response.ok) throw new Fault('face-missing', `The face ${name} could not be loaded. Reload the page.`);
      return new Uint8Array(await response.arrayBuffer());
    };
    return loadShaper(
      await Promise.all(FACES.map(async (face) => ({ id: face.id, files: await Promise.all(face.files.map(file)) }))),
    );
  }
}
