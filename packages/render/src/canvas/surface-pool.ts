import type { RenderEnvironment, Surface } from './environment.js';

/** Bytes of canvases that wait for their next use. */
const BUDGET = 48 * 2 ** 20;

/**
 * Canvases that were given back are used again. A new canvas takes 0.7 ms in Chromium until something is drawn on it, one that is used again 0.2 ms, and
 * a frame of a drag needs about ten. Nobody may look at a surface after it was given back; what was drawn from it onto another stays there.
 */
export class SurfacePool implements RenderEnvironment {
  private readonly free: Surface[] = [];
  private bytes = 0;

  /** @param source - makes canvases where none waits. */
  constructor(private readonly source: RenderEnvironment) {}

  createSurface(width: number, height: number): Surface {
    const free = this.free.pop();
    if (!free) return this.source.createSurface(width, height);
    this.bytes -= bytesOf(free);
    const { context, image } = free;
    const { canvas } = context;
    // Either way it is clear afterwards, and its context as at first.
    if (canvas.width === width && canvas.height === height) context.reset();
    else [canvas.width, canvas.height] = [width, height];
    return { width, height, context, image };
  }

  giveBack(surface: Surface): void {
    if (this.bytes + bytesOf(surface) > BUDGET) return;
    this.bytes += bytesOf(surface);
    this.free.push(surface);
  }
}

function bytesOf({ width, height }: Surface): number {
  return width * height * 4;
}
