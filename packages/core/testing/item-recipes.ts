import fc from 'fast-check';
import { findItem } from '../src/document/find-item.js';
import type { Item } from '../src/document/item.js';
import { changeItem, insertItem, placeOf, removeItem } from '../src/document/make-edit.js';
import { isBackground } from '../src/document/background.js';
import { testGroup, testOpening } from './test-documents.js';
import { type EditRecipe, share, length, pick, allItems, placeAt } from './edit-recipe.js';

export const insert = fc
  .tuple(share, share, share, fc.boolean())
  .map(([at, list, index, group]): EditRecipe => (project, step) => {
    const sheet = pick(project.sheets, at)!;
    const item = group ? testGroup(`group${step}`, [testOpening(`inner${step}`)]) : testOpening(`item${step}`);
    return insertItem(sheet, item, 'Add', placeAt(sheet, list, index));
  });

export const remove = fc.tuple(share, share).map(([at, which]): EditRecipe => (project) => {
  const sheet = pick(project.sheets, at)!;
  const item = pick(allItems(sheet.items), which);
  return item ? removeItem(sheet, item.id, 'Remove') : null;
});

export const change = fc
  .tuple(share, share, length, length, fc.integer({ min: 0, max: 6 }))
  .map(([at, which, a, b, kind]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const item = pick(allItems(sheet.items), which);
    if (!item) return null;
    if (item.type === 'group') return changeItem(sheet, item, { opacity: a / 900, hidden: kind > 2 ? true : null }, 'Group');
    const after = [
      { box: { x: a, y: b, width: b, height: a, turn: a % 360 } },
      { fill: { type: 'colour', colour: '#a1b2c3' } as const, name: `n${kind}` },
      { fill: { type: 'colour', colour: { role: 'accent' } } as const },
      { finish: { opacity: b / 900 } },
      { locked: true },
      { locked: null, slot: null },
      { outline: { type: 'ellipse' } as const },
    ][kind]!;
    return changeItem(sheet, item, after, 'Change');
  });

export const move = fc.tuple(share, share, share, share).map(([at, which, list, index]): EditRecipe => (project) => {
  const sheet = pick(project.sheets, at)!;
  const item = pick(allItems(sheet.items), which);
  if (!item || isBackground(item)) return null;
  const from = placeOf(sheet, item.id);
  const without = { ...sheet, items: withoutItem(sheet.items, item.id) };
  const to = placeAt(without, list, index);
  if (to.groupId !== null && !findItem(without.items, to.groupId)) return null;
  return { name: 'Move in depth', operations: [{ type: 'move-item', sheetId: sheet.id, itemId: item.id, from, to }] };
});

function withoutItem(items: readonly Item[], id: string): Item[] {
  return items
    .filter((item) => item.id !== id)
    .map((item) => (item.type === 'group' ? { ...item, items: withoutItem(item.items, id) } : item));
}
