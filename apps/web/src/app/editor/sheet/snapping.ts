import { inject, Injectable, signal } from '@angular/core';
import { snapBox, snapTargets, type Bounds, type Point, type SnapLine, type SnapTargets } from '@kadrosyn/core';
import { EditorSession } from '../session';
import { Viewport } from './viewport';

/** So near to a line something comes to lie on it, css px. */
const REACH = 6;
const STAY: Point = { x: 0, y: 0 };
/** One and the same, so that a move that meets nothing draws nothing anew. */
const NO_LINES: readonly SnapLine[] = [];

/** Lets what is moved come to lie on edges, centres, margins, guides and equal gaps, and says by lines why. */
@Injectable()
export class Snapping {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  /** What is met now, px of the sheet. */
  readonly lines = signal(NO_LINES);
  /** Held off by a key. */
  readonly suspended = signal(false);
  private targets: SnapTargets | null = null;

  /** Gathers what can be met, once for a gesture. */
  begin(movingId: string): void {
    this.targets = snapTargets(this.session.context().sheet, new Set([movingId]));
  }

  end(): void {
    this.targets = null;
    this.lines.set(NO_LINES);
  }

  /** What is to be added to the place of a box, px of the sheet. */
  by(box: Bounds): Point {
    if (!this.targets || this.suspended()) {
      this.lines.set(NO_LINES);
      return STAY;
    }
    const { by, lines } = snapBox(box, this.targets, REACH / this.viewport.zoom());
    this.lines.set(lines.length > 0 ? lines : NO_LINES);
    return by;
  }
}
