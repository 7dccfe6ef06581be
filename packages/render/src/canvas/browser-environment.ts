import type { RenderEnvironment, Surface } from './environment.js';

/** Canvases of a browser window or a worker, kept in main memory so that all of them give the same pixels. */
export const BROWSER_ENVIRONMENT: RenderEnvironment = {
  createSurface(width: number, height: number): Surface {
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) throw new Error('The browser gave no canvas; it may be out of memory');
    return { width, height, context, image: canvas };
  },
};
