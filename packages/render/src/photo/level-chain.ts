import { halve, isOpaque, levelCount, levelFor, withBorder, type Pixels } from '@kadrosyn/core';
import type { Context2D, RenderEnvironment } from '../canvas/environment.js';

/** A picture of pixels with a border of one repeated px. */
export function borderedPicture(pixels: Pixels, environment: RenderEnvironment): CanvasImageSource {
  const bordered = withBorder(pixels);
  const surface = environment.createSurface(bordered.width, bordered.height);
  putPixels(surface.context, bordered);
  return surface.image;
}

/** Writes pixels to the corner of a canvas. */
export function putPixels(context: Context2D, pixels: Pixels): void {
  const data = context.createImageData(pixels.width, pixels.height);
  data.data.set(pixels.data);
  context.putImageData(data, 0, 0);
}

/** All levels of a photo, made when they are asked for, from the pixels of one of them. */
export class LevelChain {
  private readonly pixels = new Map<number, Pixels>();
  /** Whether no pixel is even slightly clear. */
  readonly opaque: boolean;
  private readonly count: number;

  /**
   * @param first - pixels of level `index`; finer levels can not be made from them.
   * @param full - size of level 0 in px.
   */
  constructor(
    first: Pixels,
    private readonly index: number,
    full: { readonly width: number; readonly height: number },
  ) {
    this.pixels.set(index, first);
    this.opaque = isOpaque(first);
    this.count = levelCount(full.width, full.height);
  }

  /** The level for drawing at `scale` px per px of the photo, or the finest one that can be made. */
  indexFor(scale: number): number {
    return Math.max(this.index, levelFor(scale, this.count));
  }

  get coarsest(): number {
    return this.count - 1;
  }

  /** Pixels of a level; @throws RangeError for one finer than the first. */
  at(index: number): Pixels {
    if (index < this.index) throw new RangeError(`Level ${index} is finer than level ${this.index}, which is at hand`);
    const known = this.pixels.get(index);
    if (known) return known;
    const made = halve(this.at(index - 1), this.opaque);
    this.pixels.set(index, made);
    return made;
  }
}
