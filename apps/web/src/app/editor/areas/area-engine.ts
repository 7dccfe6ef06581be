import { DestroyRef, inject, Injectable, InjectionToken } from '@angular/core';
import {
  alphaOf,
  scaledForm,
  type AreaCandidate,
  type AreaForm,
  type AreaHints,
  type CutoutMark,
  type FoundAt,
  type Photo,
  type Point,
} from '@kadrosyn/core';
import type { PhotoLevel } from '@kadrosyn/render';
import { transfer, type Remote } from 'comlink';
import { PhotoLevels } from '../../photos/photo-levels';
import { RestartingWorker } from '../../photos/restarting-worker';
import type { AreaWorker, SeenSurface } from './area.worker';

/** Areas are looked for in a level of the photo that is no longer than this, px: finer ones place corners no better than a person can see. */
const LONGEST = 2400;

export type CalledAreaWorker = Pick<RestartingWorker<AreaWorker>, 'call' | 'end'>;

export const AREA_WORKER = new InjectionToken<CalledAreaWorker>('area worker', {
  providedIn: 'root',
  factory: () =>
    new RestartingWorker<AreaWorker>(() => new Worker(new URL('./area.worker', import.meta.url), { type: 'module' })),
});

/** Finds areas of photos in a worker. Points and forms are px of the photo. */
@Injectable()
export class AreaEngine {
  private readonly levels = inject(PhotoLevels);
  private readonly worker = inject(AREA_WORKER);
  private last: Promise<unknown> = Promise.resolve();
  /** Raised with every question: those before it that have not been begun are left out. */
  private questions = 0;
  /** Level of a photo that the worker holds. */
  private sent = '';

  constructor() {
    inject(DestroyRef).onDestroy(() => this.end());
  }

  /** Whether the photo has arrived, as far as it takes to find areas in it. */
  hasPhoto(photo: Photo): boolean {
    this.levels.version();
    return this.levelOf(photo) !== undefined;
  }

  /** Sends the photo, so that the first question is answered soon. */
  warm(photo: Photo): void {
    // Without it the first question takes longer, and says what is wrong.
    void this.asked(photo, () => Promise.resolve(null), 'unless overtaken').catch(() => undefined);
  }

  /** By growing size. Null where a newer question overtook this one, or the photo has not arrived. */
  find(photo: Photo, stroke: readonly Point[]): Promise<readonly AreaCandidate[] | null> {
    return this.asked(photo, async (worker, key, scale) => {
      const found = await worker.find(key, shrunk(stroke, scale));
      return found?.map((one) => ({ ...one, form: scaledForm(one.form, scale), size: one.size * scale * scale })) ?? null;
    });
  }

  /** What was found, in another form; null where it has none. */
  as(photo: Photo, { stroke, level }: FoundAt, type: AreaForm['type']): Promise<AreaForm | null> {
    return this.asked(photo, async (worker, key, scale) => {
      const form = await worker.as(key, { stroke: shrunk(stroke, scale), level }, type);
      return form && scaledForm(form, scale);
    });
  }

  /**
   * Looks at the surface of an area, however many questions come after. Null where the photo has not arrived, or a cutout that is said to be in front.
   * @param marks - strokes, px of the photo; @param cutouts - mattes of its cutouts
   */
  see(photo: Photo, form: AreaForm, { marks = [], cutouts = [] }: AreaHints): Promise<SeenSurface | null> {
    return this.asked(
      photo,
      (worker, key, scale) => {
        const { width, height } = photo;
        const planes = cutouts
          .map((sha256) => this.levels.subject(photo.id, sha256, 1 / scale))
          .filter((level) => level !== undefined);
        const isHere = planes.length === cutouts.length && planes.every(({ pixels }) => Math.ceil(width / pixels.width) <= scale);
        if (!isHere) return Promise.resolve(null);
        const hints = {
          marks: marks.map((mark) => scaledMark(mark, 1 / scale)),
          cutouts: planes.map(({ pixels }) => alphaOf(pixels)),
        };
        return worker.see(key, scaledForm(form, 1 / scale), hints, { width, height, scale });
      },
      'always',
    );
  }

  /** Gives up what goes on. */
  end(): void {
    this.questions++;
    this.sent = '';
    this.worker.end();
  }

  private asked<T>(
    photo: Photo,
    question: (worker: Remote<AreaWorker>, key: string, scale: number) => Promise<T | null>,
    when: 'newest' | 'unless overtaken' | 'always' = 'newest',
  ): Promise<T | null> {
    const turn = when === 'newest' ? ++this.questions : this.questions;
    const answer = this.last.then(async () => {
      const level = when === 'always' || turn === this.questions ? this.levelOf(photo) : undefined;
      if (!level) return null;
      const key = `${photo.id}/${level.index}`;
      if (this.sent !== key) {
        const { width, height, data } = level.pixels;
        // The window goes on drawing from its own.
        const copy = data.slice();
        await this.worker.call((worker) => worker.hold(key, transfer({ width, height, data: copy }, [copy.buffer])));
        this.sent = key;
      }
      const answered = await this.worker.call((worker) => question(worker, key, 2 ** level.index));
      return when === 'newest' && turn !== this.questions ? null : answered;
    });
    this.last = answer.catch(() => {
      // It may have ended for want of memory: the next question starts another.
      this.sent = '';
    });
    return answer;
  }

  /** The level that is looked at, once it is there: corners found in a coarser one would be off by its px. */
  private levelOf(photo: Photo): PhotoLevel | undefined {
    const scale = Math.min(1, LONGEST / Math.max(photo.width, photo.height));
    const level = this.levels.level(photo.id, scale);
    return level && level.index <= Math.log2(1 / scale) ? level : undefined;
  }
}

function shrunk(points: readonly Point[], scale: number): Point[] {
  return points.map(({ x, y }) => ({ x: x / scale, y: y / scale }));
}

function scaledMark(mark: CutoutMark, by: number): CutoutMark {
  return { ...mark, points: mark.points.map((value) => value * by), ...(mark.width ? { width: mark.width * by } : {}) };
}
