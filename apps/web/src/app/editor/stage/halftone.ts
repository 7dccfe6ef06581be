import {
  apply,
  boxMatrix,
  flatten,
  meanScale,
  multiply,
  outlinePath,
  placedPhoto,
  placementMatrix,
  type GripContext,
  type Matrix,
  type Opening,
  isWarped,
} from '@kadrosyn/core';
import type { PhotoSource } from '@kadrosyn/render';

/** Distance of dots on the screen when the gesture begins, css px. */
const PITCH = 7;
/** Most dots along one side; larger photos get a wider raster. */
const MOST = 260;

/** The dots of a photo in one ink: made once for a gesture and then only moved along. */
export interface Halftone {
  readonly picture: OffscreenCanvas;
  readonly photoId: string;
}

/**
 * The photo as a raster of dots whose size follows its darkness, so that what lies outside the opening can be told from
 * what will be seen. One picture for the whole extent of the photo.
 */
export function makeHalftone(
  opening: Opening,
  context: GripContext,
  source: PhotoSource,
  zoom: number,
  ink: string,
): Halftone | null {
  const placed = placedPhoto(opening, context);
  // In perspective it would have to be bent.
  if (!placed || isWarped(opening.outline)) return null;
  const { photo, placement, fill } = placed;
  const shown = placement.scale * zoom;
  const columns = Math.max(2, Math.min(MOST, Math.round((photo.width * shown) / PITCH)));
  const rows = Math.max(2, Math.min(MOST, Math.round((photo.height * shown) / PITCH)));
  const darkness = samples(source, fill.photoId, columns, rows, columns / photo.width);
  if (!darkness) return null;
  const picture = new OffscreenCanvas(columns * PITCH, rows * PITCH);
  const draw = picture.getContext('2d')!;
  draw.fillStyle = ink;
  draw.beginPath();
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const radius = (0.18 + 0.34 * darkness[row * columns + column]!) * (PITCH / 2);
      const [x, y] = [(column + 0.5) * PITCH, (row + 0.5) * PITCH];
      draw.moveTo(x + radius, y);
      draw.arc(x, y, radius, 0, 2 * Math.PI);
    }
  }
  draw.fill();
  return { picture, photoId: fill.photoId };
}

function samples(source: PhotoSource, photoId: string, columns: number, rows: number, scale: number): Float32Array | null {
  const level = source.level(photoId, scale);
  if (!level) return null;
  const small = new OffscreenCanvas(columns, rows);
  const draw = small.getContext('2d', { willReadFrequently: true })!;
  const { width, height } = level.pixels;
  draw.drawImage(level.image(), 1, 1, width, height, 0, 0, columns, rows);
  const { data } = draw.getImageData(0, 0, columns, rows);
  const darkness = new Float32Array(columns * rows);
  for (let i = 0; i < darkness.length; i++) {
    const luma = 0.2126 * data[4 * i]! + 0.7152 * data[4 * i + 1]! + 0.0722 * data[4 * i + 2]!;
    darkness[i] = 1 - luma / 255;
  }
  return darkness;
}

/** Draws the dots wherever the photo lies outside the outline. @param matrix - sheet px to px of the canvas. */
export function drawHalftone(
  draw: CanvasRenderingContext2D,
  halftone: Halftone,
  opening: Opening,
  context: GripContext,
  matrix: Matrix,
): void {
  const placed = placedPhoto(opening, context);
  if (!placed) return;
  const toScreen = multiply(matrix, boxMatrix(opening.box));
  const toPhoto = multiply(toScreen, placementMatrix(placed.placement, placed.photo));
  draw.save();
  draw.setTransform(1, 0, 0, 1, 0, 0);
  draw.beginPath();
  draw.rect(0, 0, draw.canvas.width, draw.canvas.height);
  const outline = outlinePath(opening.outline, opening.box.width, opening.box.height, context.shaper);
  for (const polygon of flatten(outline, 0.5 / Math.max(meanScale(toScreen), 1e-6))) {
    for (let i = 0; i < polygon.length; i += 2) {
      const p = apply(toScreen, { x: polygon[i]!, y: polygon[i + 1]! });
      if (i === 0) draw.moveTo(p.x, p.y);
      else draw.lineTo(p.x, p.y);
    }
    draw.closePath();
  }
  draw.clip('evenodd');
  draw.setTransform(toPhoto.a, toPhoto.b, toPhoto.c, toPhoto.d, toPhoto.e, toPhoto.f);
  draw.drawImage(halftone.picture, 0, 0, placed.photo.width, placed.photo.height);
  draw.restore();
}
