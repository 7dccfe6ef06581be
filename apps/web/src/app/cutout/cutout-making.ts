import { inject, Injectable, signal } from '@angular/core';
import { newId, withRevision, type Bounds, type Cutout, type Photo } from '@kadrosyn/core';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import type { CutoutEngine } from './cutout-engine';
import type { CutoutState } from './cutout-history';

/** What was made and kept. */
export interface KeptCutout {
  readonly cutout: Cutout;
  readonly focus: Bounds | undefined;
}

/** Says what share is done. */
type Report = (share: number) => void;

/** Makes finished cutouts, at full size: one that is kept with its photo, or a file of the subject alone. One at a time. */
@Injectable()
export class CutoutMaking {
  private readonly server = inject(Server);
  /** The share that is done; null while none is made. */
  readonly progress = signal<number | null>(null);
  /** What is to be said about the last answer. */
  readonly news = signal<string | null>(null);
  /** Counts what was begun or given up: reports of anything earlier are not heard. */
  private turn = 0;

  /**
   * Makes the next revision and keeps it. Null when it was given up or failed.
   * @param as.known - the cutout that it is a revision of; null for a new one
   */
  keep(
    engine: CutoutEngine,
    photo: Photo,
    as: { readonly known: Cutout | null; readonly name: string },
    { marks, edge, pieces }: CutoutState,
  ): Promise<KeptCutout | null> {
    const make = async (report: Report): Promise<KeptCutout | null> => {
      const finished = await engine.finish('kept', { marks, edge, pieces }, (share) => report(0.7 * share));
      if (!finished || this.progress() === null) return null;
      if (!finished.focus) {
        this.news.set('Nothing of the photo would be kept. Mark what stays: a box around it, or a stroke of Keep.');
        return null;
      }
      const matteSha256 = await this.server.addMatte(photo.id, finished.png);
      report(0.9);
      const cutout = withRevision(
        { id: as.known?.id ?? newId('cutout'), name: as.name.trim() || 'Subject', revisions: as.known?.revisions ?? [] },
        { matteSha256, marks, edge, pieces },
      );
      await this.server.keepCutout(photo.id, cutout);
      return { cutout, focus: finished.focus };
    };
    return this.run(make, (error) => `The cutout could not be kept. ${faultOf(error).message}`);
  }

  /** Makes a PNG of the subject alone, on a clear ground. Null when it was given up or failed. */
  subjectFile(engine: CutoutEngine, state: CutoutState): Promise<Blob | null> {
    const make = async (report: Report): Promise<Blob | null> => {
      const finished = await engine.finish('subject', state, report);
      return finished && new Blob([finished.png as Uint8Array<ArrayBuffer>], { type: 'image/png' });
    };
    return this.run(make, () => 'The picture could not be made; the browser may be out of memory. Your marks are kept.');
  }

  giveUp(): void {
    this.turn++;
    this.progress.set(null);
  }

  /** @param failed - what is said when it fails */
  private async run<T>(make: (report: Report) => Promise<T | null>, failed: (error: unknown) => string): Promise<T | null> {
    if (this.progress() !== null) return null;
    this.progress.set(0);
    const turn = ++this.turn;
    // A worker's reports come by a way of their own, and may arrive after what they are about.
    const report = (share: number): void => {
      if (turn === this.turn && this.progress() !== null) this.progress.set(share);
    };
    try {
      return await make(report);
    } catch (error) {
      console.error(error);
      this.news.set(failed(error));
      return null;
    } finally {
      if (turn === this.turn) this.progress.set(null);
    }
  }
}
