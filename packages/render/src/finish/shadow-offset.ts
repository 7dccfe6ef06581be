import { LIGHT_ANGLE, type Light, type Shadow } from '@kadrosyn/core';

/** Where a shadow falls, px of the sheet: by its own direction or by the sheet's light. */
export function shadowOffset(shadow: Shadow, light: Light | undefined): { readonly x: number; readonly y: number } {
  const angle = ((shadow.angle ?? light?.angle ?? LIGHT_ANGLE) * Math.PI) / 180;
  return { x: Math.cos(angle) * shadow.distance, y: Math.sin(angle) * shadow.distance };
}
