import type { CutoutMark, Plane } from '@kadrosyn/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { BegunCutout, CutoutBeginning, CutoutRequest, FinishedCutout, QuickAnswer, SubjectPreview } from './cutout-messages';
import type { Cutter } from './cutout.worker';

/** The worker that cuts one photo out. A newer request of a kind overtakes the older one, whose answer is then null. */
export class CutoutEngine {
  private readonly worker = new Worker(new URL('./cutout.worker', import.meta.url), { type: 'module' });
  private readonly cutter: Remote<Cutter> = wrap<Cutter>(this.worker);
  private turn = 0;

  begin(beginning: CutoutBeginning): Promise<BegunCutout> {
    return this.cutter.begin(beginning);
  }

  answer(request: CutoutRequest): Promise<QuickAnswer | null> {
    return this.cutter.answer(++this.turn, request);
  }

  /** See `isBetterAnswer`. @returns how much it has in common with the present answer; null when it was not taken. */
  improve(marks: readonly CutoutMark[], mask: Plane): Promise<number | null> {
    return this.cutter.improve(marks, mask);
  }

  /** Takes a mask as the answer to marks. */
  take(marks: readonly CutoutMark[], mask: Plane): Promise<void> {
    return this.cutter.take(marks, mask);
  }

  preview(request: CutoutRequest): Promise<SubjectPreview | null> {
    return this.cutter.preview(++this.turn, request);
  }

  /** @param as - a picture to be kept beside the photo, or the subject alone on a clear ground. */
  finish(as: 'kept' | 'subject', request: CutoutRequest, report: (share: number) => void): Promise<FinishedCutout | null> {
    return this.cutter.finish(++this.turn, as, request, proxy(report));
  }

  cancel(): void {
    void this.cutter.cancel();
  }

  /** Ends the worker and frees its memory. */
  end(): void {
    this.worker.terminate();
  }
}
