import { chain, IDENTITY, multiply, rotation, scaling, translation, type Matrix } from '../geometry/matrix.js';

/** Reads a `transform` attribute (CSS Transforms 1, the SVG form); null when it can not be read. */
export function readTransform(text: string | undefined): Matrix | null {
  let matrix = IDENTITY;
  let rest = (text ?? '').trim();
  while (rest) {
    const match = /^([a-zA-Z]+)\s*\(([^()]*)\)[\s,]*/.exec(rest);
    if (!match) return null;
    const n = match[2]!
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number);
    const step = n.every(Number.isFinite) ? stepOf(match[1]!, n) : null;
    if (!step) return null;
    matrix = multiply(matrix, step);
    rest = rest.slice(match[0].length);
  }
  return matrix;
}

function stepOf(name: string, n: readonly number[]): Matrix | null {
  const [a = 0, b, c] = n;
  switch (name) {
    case 'matrix':
      return n.length === 6 ? { a: n[0]!, b: n[1]!, c: n[2]!, d: n[3]!, e: n[4]!, f: n[5]! } : null;
    case 'translate':
      return translation(a, b ?? 0);
    case 'scale':
      return scaling(a, b ?? a);
    case 'rotate':
      return chain(translation(b ?? 0, c ?? 0), rotation(a), translation(-(b ?? 0), -(c ?? 0)));
    case 'skewX':
      return { ...IDENTITY, c: Math.tan((a * Math.PI) / 180) };
    case 'skewY':
      return { ...IDENTITY, b: Math.tan((a * Math.PI) / 180) };
    default:
      return null;
  }
}
