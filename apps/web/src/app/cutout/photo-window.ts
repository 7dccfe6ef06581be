import { computed, Injectable, signal } from '@angular/core';
import type { Bounds, Point } from '@kadrosyn/core';

/** Room around the whole photo, px. */
const ROOM = 24;
const [LEAST, MOST] = [0.02, 16];

/** How a photo lies in a window: zoomed and moved. All lengths of the window are CSS px. */
@Injectable()
export class PhotoWindow {
  readonly size = signal({ width: 0, height: 0 });
  readonly photo = signal({ width: 1, height: 1 });
  /** Null while all of the photo is shown. */
  private readonly set = signal<{ readonly scale: number; readonly left: number; readonly top: number } | null>(null);

  /** CSS px to one px of the photo, and where its corner lies. */
  readonly view = computed(() => this.set() ?? this.whole());

  private whole(): { scale: number; left: number; top: number } {
    const [{ width, height }, photo] = [this.size(), this.photo()];
    const scale = Math.max(1e-3, Math.min((width - 2 * ROOM) / photo.width, (height - 2 * ROOM) / photo.height));
    return { scale, left: (width - photo.width * scale) / 2, top: (height - photo.height * scale) / 2 };
  }

  showWhole(): void {
    this.set.set(null);
  }

  /** Zooms, and keeps what lies at `at` (by default the middle) where it is. */
  zoom(factor: number, at?: Point): void {
    const { scale, left, top } = this.view();
    const { width, height } = this.size();
    const next = Math.min(MOST, Math.max(LEAST, scale * factor));
    const { x, y } = at ?? { x: width / 2, y: height / 2 };
    this.set.set({ scale: next, left: x - ((x - left) * next) / scale, top: y - ((y - top) * next) / scale });
  }

  /** Brings a part of the photo into the middle, with as much again around it. @param bounds - px of the photo. */
  lookAt({ x, y, width, height }: Bounds): void {
    const { size, photo } = { size: this.size(), photo: this.photo() };
    const least = Math.max(photo.width, photo.height) / 12;
    const scale = Math.min(MOST, size.width / (3 * Math.max(width, least)), size.height / (3 * Math.max(height, least)));
    const fits = Math.max(scale, this.whole().scale);
    this.set.set({
      scale: fits,
      left: size.width / 2 - (x + width / 2) * fits,
      top: size.height / 2 - (y + height / 2) * fits,
    });
  }

  move(dx: number, dy: number): void {
    const { scale, left, top } = this.view();
    this.set.set({ scale, left: left + dx, top: top + dy });
  }

  toPhoto({ x, y }: Point): Point {
    const { scale, left, top } = this.view();
    return { x: (x - left) / scale, y: (y - top) / scale };
  }

  toWindow({ x, y }: Point): Point {
    const { scale, left, top } = this.view();
    return { x: x * scale + left, y: y * scale + top };
  }
}
