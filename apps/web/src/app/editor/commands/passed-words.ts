import type { Item } from '@kadrosyn/core';

/** More names than this are counted. */
const NAMED = 3;

/**
 * What an item passes on its way to another place in depth, and what is next to it then, so that nobody goes too far unknowingly. Empty
 * where it stays.
 * @param list - from back to front, as it is before. @param index - the place after.
 */
export function passedWords(list: readonly Item[], itemId: string, index: number): string {
  const from = list.findIndex(({ id }) => id === itemId);
  const item = list[from];
  const to = Math.min(list.length - 1, Math.max(0, index));
  if (!item) return '';
  const isForward = to > from;
  if (to === from)
    return index > from ? `${item.name} is in front of all already` : index < from ? `${item.name} is behind all already` : '';
  const passed = isForward ? list.slice(from + 1, to + 1) : list.slice(to, from).toReversed();
  const names = passed.slice(0, NAMED).map(({ name }) => name);
  const more = passed.length > NAMED ? ` and ${passed.length - NAMED} more` : '';
  const next = isForward ? list[to + 1] : list[to - 1];
  const now = next
    ? `now ${isForward ? 'behind' : 'in front of'} ${next.name}`
    : isForward
      ? 'now in front of all'
      : 'now behind all';
  return `${item.name} went ${isForward ? 'over' : 'under'} ${names.join(', ')}${more}; ${now}`;
}
