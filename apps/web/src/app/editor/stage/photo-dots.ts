import type { Opening } from '@kadrosyn/core';
import type { PhotoLevels } from '../../photos/photo-levels';
import type { EditorSession } from '../session/session';
import { drawHalftone, makeHalftone, type Halftone } from './halftone';
import type { Viewport } from './viewport';

/** The part of a moving photo that lies outside its opening, as dots over the sheet. */
export class PhotoDots {
  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    private readonly levels: PhotoLevels,
  ) {}

  /** @param host - says by its style which ink the dots have. */
  make(opening: Opening, host: Element): Halftone | null {
    const ink = getComputedStyle(host).getPropertyValue('--halftone-ink').trim() || '#20272a';
    const scale = this.viewport.zoom() * this.viewport.pixelRatio();
    return makeHalftone(opening, this.session.context(), this.levels, scale, ink);
  }

  /** Paints the dots, or gives the canvas's memory back where there are none. */
  paint(canvas: HTMLCanvasElement, halftone: Halftone | null, opening: Opening | null): void {
    const { width, height } = this.viewport.size();
    const ratio = this.viewport.pixelRatio();
    if (!halftone || !opening || !this.session.shaper()) {
      if (canvas.width > 1) canvas.width = canvas.height = 1;
      return;
    }
    const [w, h] = [Math.round(width * ratio), Math.round(height * ratio)];
    if (canvas.width !== w || canvas.height !== h) [canvas.width, canvas.height] = [w, h];
    const draw = canvas.getContext('2d');
    if (!draw) return;
    draw.clearRect(0, 0, w, h);
    const { left, top, scale } = this.viewport.view();
    drawHalftone(draw, halftone, opening, this.session.context(), { a: scale, b: 0, c: 0, d: scale, e: left, f: top });
  }
}
