import { computed, inject, Injectable, signal } from '@angular/core';
import {
  apply,
  boxMatrix,
  invert,
  isWarped,
  multiply,
  openingsAt,
  resolvedIn,
  placementMatrix,
  resolvePlacement,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { PhotoLevels } from '../../../photos/photo-levels';
import { EditorSession } from '../../session/session';
import { Viewport } from '../../stage/viewport';

/** The magnified view is so many px wide and high; the one in its middle is taken. */
export const SEEN = 11;

/** Some px around a place: their colours in rows, '' where there is nothing. */
export interface Magnified {
  readonly colours: readonly string[];
  /** The one in the middle. */
  readonly colour: string;
  /** The photo whose own pixels these are; null for those of the sheet as it is shown. */
  readonly photo: string | null;
}

/** Pointing at a colour of the sheet, or of a photo on it at its full resolution. */
@Injectable()
export class ColourTaking {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly levels = inject(PhotoLevels);
  private readonly answer = signal<((colour: string | null) => void) | null>(null);
  /** Where the pointer is, css px of the stage. */
  readonly at = signal<Point>({ x: 0, y: 0 });
  /** Whether the photo's own pixels are wanted, as they were taken. */
  readonly fromPhoto = signal(false);
  readonly active = computed(() => this.answer() !== null);

  /** Null when it is ended without a colour. */
  begin(): Promise<string | null> {
    this.end(null);
    const { width, height } = this.viewport.size();
    this.at.set({ x: width / 2, y: height / 2 });
    return new Promise((resolve) => this.answer.set(resolve));
  }

  end(colour: string | null): void {
    const answer = this.answer();
    this.answer.set(null);
    answer?.(colour);
  }

  /** What lies under the pointer. @param canvas - of the stage. */
  look(canvas: HTMLCanvasElement): Magnified | null {
    return (this.fromPhoto() ? this.ofPhoto() : null) ?? this.ofCanvas(canvas);
  }

  private ofCanvas(canvas: HTMLCanvasElement): Magnified | null {
    const ratio = this.viewport.pixelRatio();
    const { x, y } = this.at();
    const half = (SEEN - 1) / 2;
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return null;
    const { data } = context.getImageData(Math.floor(x * ratio) - half, Math.floor(y * ratio) - half, SEEN, SEEN);
    return magnified((i) => data.subarray(i * 4, i * 4 + 4), null);
  }

  /** The topmost photo under the pointer, at its full resolution or the finest that has arrived. */
  private ofPhoto(): Magnified | null {
    const [sheet, shaper, project] = [this.session.shownSheet(), this.session.shaper(), this.session.shownProject()];
    if (!sheet || !shaper || !project) return null;
    const place = this.viewport.toSheet(this.at());
    for (const opening of openingsAt({ sheet, resolved: resolvedIn(project, sheet) }, place, shaper, { reach: 0 })) {
      const found = this.ofOpening(opening, place);
      if (found) return found;
    }
    return null;
  }

  private ofOpening(opening: Opening, place: Point): Magnified | null {
    const { sheet, photos } = this.session.context();
    const { fill } = opening;
    if (fill.type !== 'photo' || isWarped(opening.outline)) return null;
    const [photo, placement] = [photos[fill.photoId], resolvePlacement(fill, sheet)];
    if (!photo || !placement) return null;
    const own = placementMatrix(placement, photo);
    const toSheet = typeof fill.placement === 'string' ? own : multiply(boxMatrix(opening.box), own);
    const level = this.levels.level(photo.id, 1);
    if (!level) return null;
    const at = apply(invert(toSheet), place);
    const { width, height, data } = level.pixels;
    const [px, py] = [Math.floor(at.x / 2 ** level.index), Math.floor(at.y / 2 ** level.index)];
    const half = (SEEN - 1) / 2;
    if (px < 0 || py < 0 || px >= width || py >= height) return null;
    return magnified((i) => {
      const [x, y] = [px + (i % SEEN) - half, py + Math.floor(i / SEEN) - half];
      const start = 4 * (y * width + x);
      return x < 0 || y < 0 || x >= width || y >= height ? null : data.subarray(start, start + 4);
    }, photo.name);
  }
}

function magnified(pixel: (i: number) => Uint8ClampedArray | null, photo: string | null): Magnified | null {
  const colours = Array.from({ length: SEEN * SEEN }, (_, i) => {
    const rgba = pixel(i);
    if (!rgba || rgba[3] === 0) return '';
    return `#${[...rgba.subarray(0, 3)].map((value) => value.toString(16).padStart(2, '0')).join('')}`;
  });
  const colour = colours[(SEEN * SEEN - 1) / 2]!;
  return { colours, colour, photo };
}
