import type { Edit, ItemProperties, Operation } from '../document/edit.js';
import type { PhotoFill } from '../document/fill.js';
import { findItem, openingsOf } from '../document/find-item.js';
import type { Finish } from '../document/finish.js';
import type { Item } from '../document/item.js';
import { changeItemOperation } from '../document/make-edit.js';
import type { Project, Sheet } from '../document/project.js';
import type { Developing } from './develop.js';
import { finishOfGroup, scaledFinish } from '../kinds/finishes/finishes.js';

/** All of an item's finish: what is around and over it, and how its photo is developed. It can be copied and kept as a style. */
export interface WholeFinish {
  readonly finish: Finish;
  /** Absent where nothing is said about photos. */
  readonly developing?: Developing;
}

/** A finish kept in the workspace under a name. */
export interface Style extends WholeFinish {
  readonly id: string;
  readonly name: string;
  /** Raised whenever it is changed. */
  readonly revision: number;
  /** The shorter side of the sheet it was made on, px: on another sheet its lengths are as much longer or shorter. */
  readonly side: number;
}

/** The finish of an item; that of a group has only what a group can have. */
export function finishOf(item: Item): Finish {
  if (item.type === 'opening') return item.finish;
  const { opacity, blend, finish } = item;
  return { ...finish, ...(opacity === undefined ? {} : { opacity }), ...(blend === undefined ? {} : { blend }) };
}

/** The properties that give an item a finish. What a group can not have is passed over. */
export function withFinish(item: Item, finish: Finish): ItemProperties {
  if (item.type === 'opening') return { finish: withoutEmpty(finish) };
  const { opacity, blend, ...rest } = finishOfGroup(finish);
  return {
    opacity: opacity ?? null,
    blend: blend ?? null,
    finish: Object.keys(rest).length > 0 ? rest : null,
  };
}

/** JSON has no undefined: what was taken away must not be there at all. */
function withoutEmpty<T extends object>(of: T): T {
  return Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;
}

/** An edit that changes the finish of items, each from its own. */
export function changeFinish(
  sheet: Sheet,
  items: readonly Item[],
  change: (finish: Finish, item: Item) => Finish,
  name: string,
): Edit {
  const operations = items.map((item) => changeItemOperation(sheet, item, withFinish(item, change(finishOf(item), item))));
  return { name, operations };
}

/** An edit that changes how photos are developed: those of the items that have one, and of all in groups among them. */
export function changeDeveloping(
  sheet: Sheet,
  items: readonly Item[],
  change: (developing: Developing, fill: PhotoFill) => Developing,
  name: string,
): Edit {
  const operations = [...openingsOf(items)].flatMap((opening): Operation[] => {
    const { fill } = opening;
    if (fill.type !== 'photo') return [];
    return [changeItemOperation(sheet, opening, { fill: withDeveloping(fill, change(developingOf(fill), fill)) })];
  });
  return { name, operations };
}

/** How a photo is developed. */
export function developingOf({ tone, blur, effects }: PhotoFill): Developing {
  return withoutEmpty({ tone, blur, effects }) as Developing;
}

/** The photo developed in another way. */
export function withDeveloping(fill: PhotoFill, developing: Developing): PhotoFill {
  const { tone: _tone, blur: _blur, effects: _effects, ...rest } = fill;
  return { ...rest, ...withoutEmpty(developing) };
}

/** What is copied of an item, or kept as a style. */
export function wholeFinishOf(item: Item): WholeFinish {
  const { style: _style, ...finish } = finishOf(item);
  if (item.type === 'group' || item.fill.type !== 'photo') return { finish };
  return { finish, developing: developingOf(item.fill) };
}

/**
 * An edit that gives items all of a finish. Photos are developed as it says, where it says anything.
 * @param from.factor - how much longer its lengths are here.
 * @param from.style - the style that it comes from.
 */
export function applyFinish(
  sheet: Sheet,
  items: readonly Item[],
  { finish, developing }: WholeFinish,
  name: string,
  { factor = 1, style }: { readonly factor?: number; readonly style?: Finish['style'] } = {},
): Edit {
  const scaled: Finish = { ...scaledFinish(finish, factor), ...(style ? { style } : {}) };
  const blur = developing?.blur;
  const grown: Developing | undefined = developing && { ...developing, ...(blur === undefined ? {} : { blur: blur * factor }) };
  const operations = items.flatMap((item): Operation[] => {
    const after = withFinish(item, scaled);
    const isPhoto = item.type === 'opening' && item.fill.type === 'photo' && grown !== undefined;
    return [changeItemOperation(sheet, item, isPhoto ? { ...after, fill: withDeveloping(item.fill, grown) } : after)];
  });
  return { name, operations };
}

/** An edit that gives items a style of the workspace. */
export function applyStyle(sheet: Sheet, items: readonly Item[], style: Style, name = `Style ${style.name}`): Edit {
  const { id, revision } = style;
  const factor = Math.min(sheet.width, sheet.height) / style.side;
  return applyFinish(sheet, items, style, name, { factor, style: { id, revision } });
}

/** Items of a project that use a style, by sheet; with `older` only those that have not taken up its last change. */
export function usersOf(
  project: Project,
  style: Style,
  older = false,
): { readonly sheet: Sheet; readonly items: readonly Item[] }[] {
  return project.sheets
    .map((sheet) => ({
      sheet,
      items: [...openingsOf(sheet.items)].filter(
        ({ finish }) => finish.style?.id === style.id && (!older || finish.style.revision < style.revision),
      ),
    }))
    .filter(({ items }) => items.length > 0);
}

/** One edit that gives a style to all items of a project that use it. Null where none does. */
export function updateStyle(project: Project, style: Style, older = false): Edit | null {
  const name = `Change style ${style.name}`;
  const operations = usersOf(project, style, older).flatMap(
    ({ sheet, items }) => applyStyle(sheet, items, style, name).operations,
  );
  return operations.length > 0 ? { name, operations } : null;
}

/** The sheet with some items as they would be without any finish, to compare. */
export function withoutFinish(sheet: Sheet, itemIds: readonly string[]): Sheet {
  const bare = (item: Item): Item => {
    if (item.type === 'group') {
      const { opacity: _opacity, blend: _blend, finish: _finish, ...rest } = item;
      return itemIds.includes(item.id) ? { ...rest, items: item.items } : { ...item, items: item.items.map(bare) };
    }
    if (!itemIds.includes(item.id)) return item;
    const { fill } = item;
    return { ...item, finish: {}, fill: fill.type === 'photo' ? withDeveloping(fill, {}) : fill };
  };
  return itemIds.some((id) => findItem(sheet.items, id)) ? { ...sheet, items: sheet.items.map(bare) } : sheet;
}
