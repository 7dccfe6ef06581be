import type { Matrix } from '@kadrosyn/core';
import type { Context2D } from './environment.js';

/** Makes `m` the transform of a context, whatever it was. */
export function setMatrix(context: Context2D, m: Matrix): void {
  context.setTransform(m.a, m.b, m.c, m.d, m.e, m.f);
}
