import { Injectable, signal } from '@angular/core';
import type { Opening, Photo, Point } from '@kadrosyn/core';

/** What is being dragged out of the supplies. */
export type Supply =
  | {
      readonly kind: 'photo';
      /** Null while it is still on its way. */
      readonly photo: () => Photo | null;
      readonly coming?: Promise<Photo | null>;
      readonly thumbnail: string;
      /** It has clear places: laid on the sheet, it is artwork. */
      readonly clear: boolean;
    }
  | {
      readonly kind: 'item';
      readonly name: string;
      readonly make: (at: Point) => Opening;
      /** What the item shows, where the project does not know it yet. */
      readonly photo?: Photo;
    };

/** Where things can be let go: the sheet. Points are client px. */
export interface DropSurface {
  /** Called for each move; gives the word for what letting go would do, or null outside. */
  over(supply: Supply, client: Point): string | null;
  drop(supply: Supply, client: Point): void;
  cancel(): void;
}

/** A drag out of the supplies, by mouse, pen or touch. */
@Injectable()
export class SupplyDrag {
  /** What moves along with the pointer; null when nothing is dragged. */
  readonly ghost = signal<{ readonly supply: Supply; readonly at: Point; readonly word: string | null } | null>(null);
  private surface: DropSurface | null = null;

  setSurface(surface: DropSurface | null): void {
    this.surface = surface;
  }

  /** Another word for what letting go would do now, though the pointer has not moved. */
  say(word: string): void {
    this.ghost.update((ghost) => ghost && { ...ghost, word });
  }

  /**
   * Follows the pointer from its press on. A press that does not move is a click and is left alone; a touch that moves
   * sideways first scrolls the supplies.
   * @param make - gives what is dragged, once it is.
   */
  begin(event: PointerEvent, make: () => Supply): void {
    if (event.button !== 0 || event.ctrlKey || event.shiftKey || event.metaKey) return;
    let supply: Supply | null = null;
    const start = { x: event.clientX, y: event.clientY };
    let dragging = false;
    const stop = new AbortController();
    const { signal: aborted } = stop;
    const end = (): void => {
      stop.abort();
      this.ghost.set(null);
    };
    const options = { signal: aborted };
    window.addEventListener(
      'pointermove',
      (move) => {
        if (move.pointerId !== event.pointerId) return;
        const at = { x: move.clientX, y: move.clientY };
        const far = Math.hypot(at.x - start.x, at.y - start.y);
        if (!dragging && far < 6) return;
        dragging = true;
        // What has to be fetched is fetched only now, not for a click.
        supply ??= make();
        this.ghost.set({ supply, at, word: this.surface?.over(supply, at) ?? null });
      },
      options,
    );
    window.addEventListener(
      'pointerup',
      (up) => {
        if (up.pointerId !== event.pointerId) return;
        if (dragging && supply) {
          this.surface?.drop(supply, { x: up.clientX, y: up.clientY });
          // The click that follows a drag is not one.
          window.addEventListener('click', (click) => click.stopPropagation(), {
            capture: true,
            once: true,
            signal: AbortSignal.timeout(50),
          });
        }
        end();
      },
      options,
    );
    const cancel = (): void => {
      this.surface?.cancel();
      end();
    };
    window.addEventListener('pointercancel', cancel, options);
    const onKey = (key: KeyboardEvent): void => {
      if (key.key !== 'Escape') return;
      key.stopPropagation();
      cancel();
    };
    window.addEventListener('keydown', onKey, {
      ...options,
      capture: true,
    });
  }
}
