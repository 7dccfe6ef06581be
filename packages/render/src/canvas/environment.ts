/** The part of a 2D context that drawing uses. Those of the window, of workers and of Node have it. */
export type Context2D = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** A canvas with its context. */
export interface Surface {
  readonly width: number;
  readonly height: number;
  readonly context: Context2D;
  /** What can be drawn onto another surface. */
  readonly image: CanvasImageSource;
}

/** What differs between a browser window, a worker and Node. */
export interface RenderEnvironment {
  /** A clear canvas in main memory; sizes in whole px. */
  createSurface(width: number, height: number): Surface;
  /** Takes a canvas that nobody will look at again, to be used anew. @default undefined: they are not used again */
  giveBack?(surface: Surface): void;
}
