import { inject, Injectable, signal } from '@angular/core';
import {
  outlineBounds,
  snapBox,
  snapSides,
  snapTargets,
  type Bounds,
  type DraggedSides,
  type Point,
  type Snapped,
  type SnapLine,
  type SnapTargets,
} from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { Viewport } from './viewport';

/** So near to a line something comes to lie on it, css px. */
const REACH = 6;
const STAY: Point = { x: 0, y: 0 };
/** One and the same, so that a move that meets nothing draws nothing anew. */
const NO_LINES: readonly SnapLine[] = [];

/** What is to be added to the place of dragged sides, px of the sheet. */
export type SnapSides = (box: Bounds, sides: DraggedSides) => Point;

/**
 * Lets what is moved come to lie on edges, centres, margins, guides and equal gaps, and what is stretched take the size of others; says by
 * lines why.
 */
@Injectable()
export class Snapping {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  /** What is met now, px of the sheet. */
  readonly lines = signal(NO_LINES);
  /** Held off by a key. */
  readonly suspended = signal(false);
  /** Switched off until it is switched on again. */
  readonly off = signal(false);
  private targets: SnapTargets | null = null;

  /** Gathers what can be met, once for a gesture. */
  begin(movingIds: readonly string[]): void {
    const { resolved, shaper } = this.session.context();
    this.targets = snapTargets(resolved, new Set(movingIds), (item) => outlineBounds(item, shaper));
  }

  end(): void {
    this.targets = null;
    this.lines.set(NO_LINES);
  }

  /** What is to be added to the place of a box, px of the sheet. */
  by(box: Bounds): Point {
    return this.snapped((targets, reach) => snapBox(box, targets, reach));
  }

  readonly sides: SnapSides = (box, sides) => this.snapped((targets, reach) => snapSides(box, sides, targets, reach));

  private snapped(snap: (targets: SnapTargets, reach: number) => Snapped): Point {
    if (!this.targets || this.suspended() || this.off()) {
      this.lines.set(NO_LINES);
      return STAY;
    }
    const { by, lines } = snap(this.targets, REACH / this.viewport.zoom());
    this.lines.set(lines.length > 0 ? lines : NO_LINES);
    return by;
  }
}
