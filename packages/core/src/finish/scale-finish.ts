import type { Finish, Shadow } from '../document/finish.js';
import type { Overhangs } from '../document/item.js';

/** A finish whose lengths are so many times as long. */
export function scaledFinish(finish: Finish, factor: number): Finish {
  const { outline, rim, shadow, innerShade } = finish;
  const sides = <T extends { top: number; right: number; bottom: number; left: number }>(of: T): T => ({
    ...of,
    top: of.top * factor,
    right: of.right * factor,
    bottom: of.bottom * factor,
    left: of.left * factor,
  });
  return {
    ...finish,
    ...(outline
      ? { outline: { ...outline, width: outline.width * factor, ...(outline.widths ? { widths: sides(outline.widths) } : {}) } }
      : {}),
    ...(rim ? { rim: sides(rim) } : {}),
    ...(shadow ? { shadow: scaledShadow(shadow, factor) } : {}),
    ...(innerShade ? { innerShade: { ...innerShade, blur: innerShade.blur * factor } } : {}),
  };
}

/** A shadow whose lengths are so many times as long. */
export function scaledShadow(shadow: Shadow, factor: number): Shadow {
  const { distance, blur, spread } = shadow;
  return {
    ...shadow,
    distance: distance * factor,
    blur: blur * factor,
    ...(spread === undefined ? {} : { spread: spread * factor }),
  };
}

/** Overhangs whose shadows are so many times as large. Their points are px of the photo and stay. */
export function scaledOverhangs(overhangs: Overhangs, factor: number): Overhangs {
  const { shadow, contact } = overhangs;
  return {
    ...overhangs,
    ...(shadow ? { shadow: scaledShadow(shadow, factor) } : {}),
    ...(contact ? { contact: { ...contact, blur: contact.blur * factor } } : {}),
  };
}
