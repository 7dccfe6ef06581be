import { groupsAround, type Item, type Sheet } from '@kadrosyn/core';

/**
 * What a click on an opening means: the opening itself, or the outermost group around it that has not been entered. A group is entered while
 * something inside it is selected.
 */
export function ownerOf(sheet: Sheet, hitId: string, selected: readonly Item[]): string {
  const path = [...groupsAround(sheet, hitId), hitId];
  const [first] = selected;
  const entered = first ? groupsAround(sheet, first.id) : [];
  let depth = 0;
  while (depth < entered.length && entered[depth] === path[depth]) depth++;
  return path[depth]!;
}

/** One level further in, on the way from a group to an opening in it: what a double click selects. The opening itself at the end. */
export function nextInside(sheet: Sheet, hitId: string, ownerId: string): string {
  const path = [...groupsAround(sheet, hitId), hitId];
  return path[path.indexOf(ownerId) + 1] ?? hitId;
}
