/**
 * An affine map of the plane, in the order of the Canvas 2D API:
 * x' = a x + c y + e, y' = b x + d y + f.
 */
export interface Matrix {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
  readonly e: number;
  readonly f: number;
}

/** A point, in the px of whatever space the caller names. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const IDENTITY: Matrix = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

/** The map that applies `inner` first and `outer` afterwards. */
export function multiply(outer: Matrix, inner: Matrix): Matrix {
  return {
    a: outer.a * inner.a + outer.c * inner.b,
    b: outer.b * inner.a + outer.d * inner.b,
    c: outer.a * inner.c + outer.c * inner.d,
    d: outer.b * inner.c + outer.d * inner.d,
    e: outer.a * inner.e + outer.c * inner.f + outer.e,
    f: outer.b * inner.e + outer.d * inner.f + outer.f,
  };
}

/** Applies `matrices` from the last to the first, as a chain of nested frames is read. */
export function chain(...matrices: readonly Matrix[]): Matrix {
  return matrices.reduce((outer, inner) => multiply(outer, inner), IDENTITY);
}

export function translation(x: number, y: number): Matrix {
  return { a: 1, b: 0, c: 0, d: 1, e: x, f: y };
}

export function scaling(x: number, y: number = x): Matrix {
  return { a: x, b: 0, c: 0, d: y, e: 0, f: 0 };
}

/** A turn about the origin, in degrees, clockwise on a y-down plane. */
export function rotation(degrees: number): Matrix {
  const quarter = degrees / 90;
  // Quarter turns are exact, so that an upright copy of a turned item stays on whole pixels.
  if (Number.isInteger(quarter)) {
    const [cos, sin] = [
      [1, 0],
      [0, 1],
      [-1, 0],
      [0, -1],
    ][((quarter % 4) + 4) % 4] as [number, number];
    return { a: cos, b: sin, c: -sin || 0, d: cos, e: 0, f: 0 };
  }
  const radians = (degrees * Math.PI) / 180;
  const cos = Math.cos(radians);
  const sin = Math.sin(radians);
  return { a: cos, b: sin, c: -sin, d: cos, e: 0, f: 0 };
}

export function determinant(m: Matrix): number {
  return m.a * m.d - m.b * m.c;
}

/**
 * The inverse map.
 * @throws RangeError when the map flattens the plane (determinant 0).
 */
export function invert(m: Matrix): Matrix {
  const det = determinant(m);
  if (det === 0 || !Number.isFinite(det)) {
    throw new RangeError('A matrix that flattens the plane has no inverse');
  }
  return {
    a: m.d / det,
    b: -m.b / det,
    c: -m.c / det,
    d: m.a / det,
    e: (m.c * m.f - m.d * m.e) / det,
    f: (m.b * m.e - m.a * m.f) / det,
  };
}

export function apply(m: Matrix, p: Point): Point {
  return { x: m.a * p.x + m.c * p.y + m.e, y: m.b * p.x + m.d * p.y + m.f };
}

/** The linear part only: maps a distance instead of a place. */
export function applyVector(m: Matrix, v: Point): Point {
  return { x: m.a * v.x + m.c * v.y, y: m.b * v.x + m.d * v.y };
}

/** Mean linear scale of the map: the square root of how it changes areas. */
export function meanScale(m: Matrix): number {
  return Math.sqrt(Math.abs(determinant(m)));
}
