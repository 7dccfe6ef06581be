import type { MarkHints } from './mark-hints.js';
import { MUST_BE_GROUND, MUST_BE_SUBJECT, UNKNOWN } from './segment.js';
import type { Superpixels } from './superpixels.js';

/**
 * What marks say about whole pieces: what the greater part of the px under a stroke says where strokes touch a piece; else ground where most of
 * it lies outside the box.
 */
export function pieceHints({ labels, count, sizes }: Superpixels, { hints, strokes }: MarkHints): Int8Array {
  const stroke = new Int32Array(count);
  const outside = new Int32Array(count);
  for (let i = 0; i < labels.length; i++) {
    const k = labels[i]!;
    if (strokes[i] === 1) stroke[k] = stroke[k]! + hints[i]!;
    else if (hints[i] === MUST_BE_GROUND) outside[k] = outside[k]! + 1;
  }
  return Int8Array.from(stroke, (sum, k) => {
    if (sum !== 0) return sum > 0 ? MUST_BE_SUBJECT : MUST_BE_GROUND;
    return outside[k]! > sizes[k]! / 2 ? MUST_BE_GROUND : UNKNOWN;
  });
}
