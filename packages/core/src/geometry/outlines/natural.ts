import { PathBuilder, type Path } from '../path.js';
import { QUARTER } from './quarter.js';

/** Two lobes and a tip; the outermost places are nodes, so that it fills the box exactly. */
export function heartPath(width: number, height: number): Path {
  const path = new PathBuilder();
  const [w, h] = [width, height];
  return path
    .moveTo(0.5 * w, h)
    .cubicTo(0.44 * w, 0.88 * h, 0, 0.62 * h, 0, 0.3 * h)
    .cubicTo(0, 0.12 * h, 0.12 * w, 0, 0.27 * w, 0)
    .cubicTo(0.37 * w, 0, 0.46 * w, 0.07 * h, 0.5 * w, 0.18 * h)
    .cubicTo(0.54 * w, 0.07 * h, 0.63 * w, 0, 0.73 * w, 0)
    .cubicTo(0.88 * w, 0, w, 0.12 * h, w, 0.3 * h)
    .cubicTo(w, 0.62 * h, 0.56 * w, 0.88 * h, 0.5 * w, h)
    .close()
    .build();
}

/** Pointed at both ends, widest a little below the middle. */
export function leafPath(width: number, height: number): Path {
  const [w, h] = [width, height];
  return new PathBuilder()
    .moveTo(0.5 * w, 0)
    .cubicTo(0.74 * w, 0.12 * h, w, 0.32 * h, w, 0.56 * h)
    .cubicTo(w, 0.78 * h, 0.74 * w, 0.94 * h, 0.5 * w, h)
    .cubicTo(0.26 * w, 0.94 * h, 0, 0.78 * h, 0, 0.56 * h)
    .cubicTo(0, 0.32 * h, 0.26 * w, 0.12 * h, 0.5 * w, 0)
    .close()
    .build();
}

/** A tip at the top and a round belly. */
export function dropletPath(width: number, height: number): Path {
  const [w, h] = [width, height];
  const [rx, ry] = [w / 2, 0.36 * h];
  const y = h - ry;
  return new PathBuilder()
    .moveTo(rx, 0)
    .cubicTo(0.58 * w, 0.2 * h, w, y - 0.3 * h, w, y)
    .cubicTo(w, y + QUARTER * ry, rx + QUARTER * rx, h, rx, h)
    .cubicTo(rx - QUARTER * rx, h, 0, y + QUARTER * ry, 0, y)
    .cubicTo(0, y - 0.3 * h, 0.42 * w, 0.2 * h, rx, 0)
    .close()
    .build();
}
