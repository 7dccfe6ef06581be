import {
  alignBy,
  boundsOfAll,
  changeOpeningOperations,
  distribute,
  fitPhoto,
  isShared,
  itemBounds,
  openingsOf,
  placedPhoto,
  resizeBox,
  setBoxByGrip,
  similarity,
  transformItems,
  type Alignment,
  type Bounds,
  type Edit,
  type FitRule,
  type GripContext,
  type Item,
  type Operation,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { nameTogether } from '../stage/together-gestures';

type Placed = readonly { readonly item: Item; readonly bounds: Bounds }[];

function placed(items: readonly Item[]): Placed {
  return items.flatMap((item) => {
    const bounds = itemBounds(item);
    return bounds ? [{ item, bounds }] : [];
  });
}

function moved({ sheet }: GripContext, items: Placed, by: readonly Point[]): Operation[] {
  return items.flatMap(({ item }, index) => {
    const { x, y } = by[index]!;
    return x === 0 && y === 0 ? [] : transformItems(sheet, [item], similarity({ x: 0, y: 0 }, 1, 0, { x, y }));
  });
}

function editOf(name: string, operations: readonly Operation[]): Edit | null {
  return operations.length > 0 ? { name, operations } : null;
}

/** Aligns items to one another. Null where they lie so already. */
export function alignTogether(context: GripContext, items: readonly Item[], where: Alignment): Edit | null {
  const all = placed(items);
  const area = boundsOfAll(all.map(({ bounds }) => bounds));
  if (!area) return null;
  const by = all.map(({ bounds }) => alignBy(bounds, area, where));
  return editOf(`Align ${nameTogether(items)}`, moved(context, all, by));
}

/** Makes the gaps between items equal. */
export function distributeTogether(context: GripContext, items: readonly Item[], axis: 'x' | 'y'): Edit | null {
  const all = placed(items);
  const by = distribute(
    all.map(({ bounds }) => bounds),
    axis,
  );
  return editOf(`Distribute ${nameTogether(items)}`, moved(context, all, by));
}

/** Makes all as wide or as high as the largest of them, about their middles. Letters, groups and what is turned keep their proportions. */
export function matchSize(context: GripContext, items: readonly Item[], side: 'width' | 'height'): Edit | null {
  const all = placed(items);
  const most = Math.max(...all.map(({ bounds }) => bounds[side]));
  const operations = all.flatMap(({ item, bounds }): Operation[] => {
    const factor = most / bounds[side];
    if (Math.abs(factor - 1) < 1e-9) return [];
    const isStiff = item.type === 'group' || item.outline.type === 'lettering' || item.box.turn % 180 !== 0;
    if (isStiff) {
      const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
      return transformItems(context.sheet, [item], similarity(middle, factor, 0));
    }
    const { width, height } = item.box;
    const [w, h] = side === 'width' ? [width * factor, height] : [width, height * factor];
    const box = resizeBox(item.box, w, h, { x: 0.5, y: 0.5 });
    return changeOpeningOperations(context.sheet, item, setBoxByGrip(item, 'both', box, context));
  });
  return editOf(`Match the ${side} of ${nameTogether(items)}`, operations);
}

/** Openings with a photo of their own among items. */
export function photosAmong(items: readonly Item[], context: GripContext): Opening[] {
  return [...openingsOf(items)].filter((opening) => placedPhoto(opening, context) && !isShared(opening.fill));
}

/** Each photo is fitted to its opening by a rule. */
export function fitTogether(context: GripContext, items: readonly Item[], rule: FitRule): Edit | null {
  const operations = photosAmong(items, context).flatMap((opening): Operation[] => {
    const { fill, photo, placement } = placedPhoto(opening, context)!;
    const { keepCovered: _before, ...rest } = fill;
    const kept = rule === 'whole' ? { keepCovered: false } : {};
    const next = { ...rest, fit: rule, placement: fitPhoto(rule, opening, photo, context.shaper, placement), ...kept };
    return changeOpeningOperations(context.sheet, opening, { fill: next });
  });
  return editOf(`Fit ${operations.length === 1 ? 'one photo' : `${operations.length} photos`}`, operations);
}
