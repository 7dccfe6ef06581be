import type { Edit } from '../document/edit.js';
import { LIGHT_ANGLE, type Shadow } from '../document/finish.js';
import type { Item } from '../document/item.js';
import { changeSheet } from '../document/make-edit.js';
import type { Sheet } from '../document/project.js';

/** Height of a sheet's light where nothing else is said, degrees above the sheet. */
const STANDARD_HEIGHT = 45;

/** Turns the light of a sheet, and with it all shadows that follow it. @param angle - where shadows fall, degrees clockwise from the right. */
export function turnLight(sheet: Sheet, angle: number, name = 'Turn the light of the sheet'): Edit {
  return changeSheet(sheet, { light: { height: STANDARD_HEIGHT, ...sheet.light, angle } }, name);
}

/** Where shadows fall that follow the light of a sheet, degrees clockwise from the right. */
export function lightAngle(sheet: Pick<Sheet, 'light'> | null): number {
  return sheet?.light?.angle ?? LIGHT_ANGLE;
}

/** The shadow by the light of its sheet, or from now on in the direction that this has. */
export function followLight({ angle: _before, ...shadow }: Shadow, sheet: Pick<Sheet, 'light'>, on: boolean): Shadow {
  return on ? shadow : { ...shadow, angle: lightAngle(sheet) };
}

/** How many shadows of a sheet follow its light, and how many have a direction of their own. */
export function shadowsByLight(items: readonly Item[]): { readonly following: number; readonly own: number } {
  const angles = items.flatMap((item) => [...shadowsOf(item)]).map(({ angle }) => angle);
  const own = angles.filter((angle) => angle !== undefined).length;
  return { following: angles.length - own, own };
}

function* shadowsOf(item: Item): Generator<Shadow> {
  if (item.finish?.shadow) yield item.finish.shadow;
  if (item.type === 'group') for (const inner of item.items) yield* shadowsOf(inner);
  else if (item.overhangs?.shadow) yield item.overhangs.shadow;
}
