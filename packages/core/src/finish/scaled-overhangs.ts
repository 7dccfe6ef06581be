import type { Overhangs } from '../document/item.js';
import { scaledShadow } from '../kinds/finishes/shadow.js';

/** Overhangs whose shadows are so many times as large. Their points are px of the photo and stay. */
export function scaledOverhangs(overhangs: Overhangs, factor: number): Overhangs {
  const { shadow, contact } = overhangs;
  return {
    ...overhangs,
    ...(shadow ? { shadow: scaledShadow(shadow, factor) } : {}),
    ...(contact ? { contact: { ...contact, blur: contact.blur * factor } } : {}),
  };
}
