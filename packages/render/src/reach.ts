import { blurReach, LIGHT_ANGLE, type Finish, type Light, type Shadow } from '@kadrosyn/core';

/** Where a shadow falls, px of the sheet: by its own direction or by the sheet's light. */
export function shadowOffset(shadow: Shadow, light: Light | undefined): { readonly x: number; readonly y: number } {
  const angle = ((shadow.angle ?? light?.angle ?? LIGHT_ANGLE) * Math.PI) / 180;
  return { x: Math.cos(angle) * shadow.distance, y: Math.sin(angle) * shadow.distance };
}

/** How far a shadow reaches beyond what casts it, px of the sheet. */
export function shadowReach(shadow: Shadow | undefined): number {
  return shadow ? shadow.distance + blurReach(shadow.blur / 2) + Math.max(0, shadow.spread ?? 0) + 1 : 0;
}

/** How far the outline is painted beyond the edge and inside of it, px of the sheet. */
function outlineReach({ outline }: Finish): { readonly outwards: number; readonly inwards: number } {
  if (!outline) return { outwards: 0, inwards: 0 };
  const width = outline.widths
    ? Math.max(outline.widths.top, outline.widths.right, outline.widths.bottom, outline.widths.left)
    : outline.width;
  const outwards = outline.align === 'inside' ? 0 : outline.align === 'centre' ? width / 2 : width;
  return { outwards, inwards: width - outwards };
}

/** How far the finish is painted beyond the outline, px of the sheet. Miters reach further than the width. */
export function finishReach(finish: Finish, withShadow: boolean): number {
  const { outwards } = outlineReach(finish);
  return Math.max(outwards * 4, withShadow ? shadowReach(finish.shadow) + outwards : 0);
}

/** How far the inner shade reaches, px of the sheet. */
export function shadeReach({ innerShade }: Finish): number {
  return innerShade ? blurReach(innerShade.blur / 2) : 0;
}

/** How deep outline, rim and inner shade reach into the opening, px of the sheet. */
export function finishBand(finish: Finish): number {
  const { rim } = finish;
  const rimWidth = rim ? Math.max(rim.top, rim.right, rim.bottom, rim.left) : 0;
  return Math.max(outlineReach(finish).inwards, rimWidth + shadeReach(finish));
}
