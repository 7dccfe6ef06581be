import { computed, Injectable, signal } from '@angular/core';
import { multiply, scaling, translation, type Bounds, type Matrix, type Point } from '@kadrosyn/core';
import type { SheetView } from '@kadrosyn/render';

/** Zoom is css px per px of the sheet. */
const LEAST_ZOOM = 0.02;
const MOST_ZOOM = 32;
/** Room around the sheet when it is shown whole, css px. */
const MARGIN = 28;
/** The grip switch lies over the foot of the stage. */
const FOOT = 56;

/** Where the sheet is seen: zoom and shift of the stage. */
@Injectable()
export class Viewport {
  /** Size of the stage in css px. */
  readonly size = signal({ width: 0, height: 0 });
  readonly pixelRatio = signal(globalThis.devicePixelRatio || 1);
  private readonly zoomSignal = signal(1);
  private readonly origin = signal<Point>({ x: 0, y: 0 });
  /** Set while the sheet follows the size of the stage. */
  private whole: { width: number; height: number } | null = null;

  readonly zoom = this.zoomSignal.asReadonly();

  /** Maps px of the sheet to css px of the stage. */
  readonly matrix = computed<Matrix>(() => multiply(translation(this.origin().x, this.origin().y), scaling(this.zoomSignal())));

  /** The same in device px; the sheet begins on a whole one. */
  readonly view = computed<SheetView>(() => {
    const ratio = this.pixelRatio();
    const { x, y } = this.origin();
    return { scale: this.zoomSignal() * ratio, left: Math.round(x * ratio), top: Math.round(y * ratio) };
  });

  toSheet(p: Point): Point {
    const { x, y } = this.origin();
    return { x: (p.x - x) / this.zoomSignal(), y: (p.y - y) / this.zoomSignal() };
  }

  /** Where a sheet lies on the stage, css px; its corner is on a whole px of the screen. */
  boxOf(sheet: { readonly width: number; readonly height: number }) {
    const { left, top } = this.view();
    const [ratio, zoom] = [this.pixelRatio(), this.zoom()];
    return { left: left / ratio, top: top / ratio, width: sheet.width * zoom, height: sheet.height * zoom };
  }

  /** Whether a point (css px of the stage) is on the stage. */
  holds({ x, y }: Point): boolean {
    const { width, height } = this.size();
    return x >= 0 && y >= 0 && x < width && y < height;
  }

  resize(width: number, height: number): void {
    this.size.set({ width, height });
    this.pixelRatio.set(globalThis.devicePixelRatio || 1);
    if (this.whole) this.showWhole(this.whole);
  }

  /** Shows the whole sheet, and keeps showing it when the stage changes its size. */
  showWhole(sheet: { readonly width: number; readonly height: number }): void {
    this.show({ x: 0, y: 0, ...sheet });
    this.whole = { width: sheet.width, height: sheet.height };
  }

  /** Brings a part of the sheet (px of the sheet) into view, as large as it fits. */
  show(part: Bounds): void {
    this.whole = null;
    const { width, height } = this.size();
    const [room, tall] = [Math.max(width - 2 * MARGIN, 50), Math.max(height - MARGIN / 2 - FOOT - 8, 50)];
    const zoom = clampZoom(Math.min(room / part.width, tall / part.height));
    this.zoomSignal.set(zoom);
    this.origin.set(
      this.onPixel({
        x: (width - part.width * zoom) / 2 - part.x * zoom,
        y: (height - FOOT + MARGIN / 4 - part.height * zoom) / 2 - part.y * zoom,
      }),
    );
  }

  /** @param about - css px of the stage that stays where it is; the middle when absent. */
  zoomTo(zoom: number, about: Point = { x: this.size().width / 2, y: this.size().height / 2 }): void {
    this.whole = null;
    const next = clampZoom(zoom);
    const factor = next / this.zoomSignal();
    const { x, y } = this.origin();
    this.zoomSignal.set(next);
    this.origin.set(this.onPixel({ x: about.x + (x - about.x) * factor, y: about.y + (y - about.y) * factor }));
  }

  panBy(dx: number, dy: number): void {
    this.whole = null;
    const { x, y } = this.origin();
    this.origin.set(this.onPixel({ x: x + dx, y: y + dy }));
  }

  private onPixel(p: Point): Point {
    const ratio = this.pixelRatio();
    return { x: Math.round(p.x * ratio) / ratio, y: Math.round(p.y * ratio) / ratio };
  }
}

function clampZoom(zoom: number): number {
  return Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, zoom));
}
