import type { CutoutMark, Plane } from '@kadrosyn/core';
import { proxy } from 'comlink';
import { RestartingWorker } from '../photos/restarting-worker';
import type { BegunCutout, CutoutBeginning, CutoutRequest, FinishedCutout, QuickAnswer, SubjectPreview } from './cutout-messages';
import type { Cutter } from './cutout.worker';

/** The worker that cuts one photo out. A newer request of a kind overtakes the older one, whose answer is then null. */
export class CutoutEngine {
  /** One that ended has forgotten its photo: what is asked for afterwards fails, instead of never being answered. */
  private readonly worker = new RestartingWorker<Cutter>(
    () => new Worker(new URL('./cutout.worker', import.meta.url), { type: 'module' }),
  );
  private turn = 0;

  begin(beginning: CutoutBeginning): Promise<BegunCutout> {
    return this.worker.call((cutter) => cutter.begin(beginning));
  }

  answer(request: CutoutRequest): Promise<QuickAnswer | null> {
    return this.worker.call((cutter) => cutter.answer(++this.turn, request));
  }

  /** Takes a mask as the answer to marks. */
  take(marks: readonly CutoutMark[], mask: Plane): Promise<void> {
    return this.worker.call((cutter) => cutter.take(marks, mask));
  }

  preview(request: CutoutRequest): Promise<SubjectPreview | null> {
    return this.worker.call((cutter) => cutter.preview(++this.turn, request));
  }

  /** @param as - a picture to be kept beside the photo, or the subject alone on a clear ground. */
  finish(as: 'kept' | 'subject', request: CutoutRequest, report: (share: number) => void): Promise<FinishedCutout | null> {
    return this.worker.call((cutter) => cutter.finish(++this.turn, as, request, proxy(report)));
  }

  cancel(): void {
    void this.worker.call((cutter) => cutter.cancel()).catch(() => undefined);
  }

  /** Ends the worker and frees its memory. */
  end(): void {
    this.worker.end();
  }
}
