import { Injectable, signal } from '@angular/core';
import { FALLBACK_FACE, fallbackFacesFor, loadShaper, type Shaper } from '@kadrosyn/core';
import { faceFiles } from './face-files';

/** HarfBuzz with the faces that are needed so far. Faces are fetched when something asks for them, each once. */
@Injectable({ providedIn: 'root' })
export class ShaperLoader {
  private readonly current = signal<Shaper | null>(null);
  /** Another object whenever faces have arrived; null before the first ones are there. */
  readonly shaper = this.current.asReadonly();
  private readonly wanted = new Map<string, Promise<void>>();
  private starting: Promise<void> | undefined;

  /**
   * Sees to it that faces are there, and those that a text needs besides.
   * @throws Fault when one of the application's own faces can not be loaded; the next call tries again. A face of one's own that is gone
   * is no fault: it stays missing, and that is said where it is used.
   */
  async ensure(faces: Iterable<string>, text = ''): Promise<void> {
    this.starting ??= this.start();
    try {
      await this.starting;
    } catch (error) {
      this.starting = undefined;
      throw error;
    }
    const ids = new Set([...faces, ...fallbackFacesFor(text).map(({ id }) => id)]);
    await Promise.all([...ids].filter((id) => !this.current()?.hasFace(id)).map((id) => this.once(id)));
  }

  private once(id: string): Promise<void> {
    let going = this.wanted.get(id);
    if (!going) {
      going = this.add(id).finally(() => this.wanted.delete(id));
      this.wanted.set(id, going);
    }
    return going;
  }

  private async start(): Promise<void> {
    this.current.set(await loadShaper([{ id: FALLBACK_FACE, files: (await faceFiles(FALLBACK_FACE))! }]));
  }

  private async add(id: string): Promise<void> {
    const files = await faceFiles(id);
    if (files) this.current.update((shaper) => shaper?.with([{ id, files }]) ?? null);
  }
}
