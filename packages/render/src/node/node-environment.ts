import { createCanvas } from '@napi-rs/canvas';
import type { Context2D, RenderEnvironment, Surface } from '../canvas/environment.js';

/** Canvases in Node. Its context has the calls of the browser's that drawing uses; only the type names differ. */
export const NODE_ENVIRONMENT: RenderEnvironment = {
  createSurface(width: number, height: number): Surface {
    const canvas = createCanvas(width, height);
    const context = canvas.getContext('2d') as unknown as Context2D;
    return { width, height, context, image: canvas as unknown as CanvasImageSource };
  },
};
