import { inject, Injectable, signal } from '@angular/core';
import type { Point } from '@kadrosyn/core';
import { CutoutWork } from './cutout-work';
import { PhotoWindow } from './photo-window';

/** The path that is being traced along an edge, corner by corner. */
@Injectable()
export class TracedPath {
  private readonly work = inject(CutoutWork);
  private readonly window = inject(PhotoWindow);
  /** Px of the photo, x and y in turn. */
  private readonly corners = signal<readonly number[]>([]);

  isBegun(): boolean {
    return this.corners().length > 0;
  }

  endsAt(x: number, y: number): boolean {
    return this.corners().at(-2) === x && this.corners().at(-1) === y;
  }

  /** Points of a polyline, px of the window, on to the pointer; null while nothing is traced. */
  line(pointer: Point | null): string | null {
    const corners = this.corners();
    if (corners.length === 0) return null;
    const places = [...corners, ...(pointer ? [pointer.x, pointer.y] : [])];
    const words: string[] = [];
    for (let i = 0; i + 1 < places.length; i += 2) {
      const { x, y } = this.window.toWindow({ x: places[i]!, y: places[i + 1]! });
      words.push(`${x.toFixed(1)},${y.toFixed(1)}`);
    }
    return words.join(' ');
  }

  /** Adds a corner at once, and puts the path along the edge in between as soon as it is found. */
  async addCorner(to: readonly [number, number]): Promise<void> {
    const before = this.corners();
    const straight = [...before, ...to];
    this.corners.set(straight);
    if (before.length < 2) return;
    const path = await this.work.trace([before.at(-2)!, before.at(-1)!], to);
    // Further corners may have come meanwhile.
    const now = this.corners();
    if (path.length < 4 || straight.some((value, i) => now[i] !== value)) return;
    this.corners.set([...before, ...path, ...to, ...now.slice(straight.length)]);
  }

  /** Ends the path; fewer than three corners enclose nothing. */
  close(): void {
    const points = this.corners();
    this.giveUp();
    if (this.work.tool() === 'trace' && points.length >= 6) this.work.history.mark({ kind: 'trace', points });
  }

  giveUp(): void {
    this.corners.set([]);
  }
}
