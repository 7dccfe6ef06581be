import { computed, inject, Injectable, signal } from '@angular/core';
import type { CutoutMark } from '@kadrosyn/core';
import type { HeldPlace } from './cutout-messages';
import { CutoutWork } from './cutout-work';
import { PhotoWindow } from './photo-window';

/** What the last stroke would have changed away from where it was made: shown with a ring, and taken or left by a person. */
@Injectable()
export class HeldBack {
  private readonly work = inject(CutoutWork);
  private readonly window = inject(PhotoWindow);
  /** Marks whose places were left as they were. */
  private readonly settled = signal<readonly CutoutMark[] | null>(null);
  private readonly chosen = signal<HeldPlace | null>(null);

  readonly places = computed<readonly HeldPlace[]>(() =>
    this.settled() === this.work.history.now().marks ? [] : (this.work.answer()?.heldBack ?? []),
  );
  /** The one that is being looked at. */
  readonly shown = computed(() => {
    const chosen = this.chosen();
    return chosen && this.places().includes(chosen) ? chosen : null;
  });

  /** Looks at a place: it comes into the middle of the window, large enough to be judged. */
  show(place: HeldPlace): void {
    this.chosen.set(place);
    this.window.lookAt(place.bounds);
  }

  /** Looks at the next place; after the last comes the first. */
  showNext(): void {
    const places = this.places();
    const shown = this.shown();
    const next = places[shown ? (places.indexOf(shown) + 1) % places.length : 0];
    if (next) this.show(next);
  }

  /** Changes places as the stroke would have. */
  take(places: readonly HeldPlace[]): void {
    const { marks } = this.work.history.now();
    const at = marks.findLastIndex(({ kind }) => kind === 'keep' || kind === 'leave-out');
    const mark = marks[at];
    if (!mark || places.length === 0) return;
    const also = [...(mark.also ?? []), ...places.flatMap(({ point }) => point)];
    this.work.history.commit({ marks: marks.with(at, { ...mark, also }) });
  }

  /** Leaves everything as it was, and says no more of it. */
  leave(): void {
    this.settled.set(this.work.history.now().marks);
  }
}
