import type { CrossingPart } from '@kadrosyn/core';
import { belowPart, partName } from './layer-paint.js';

/**
 * The order within the zone of a crossing with a letter, before one unit is moved above the other. A letter that is passed goes below all the
 * others of its word, so that what passes it passes nothing of them; what they lay below themselves then falls on what passes.
 * @param order - names of paints from back to front.
 * @param moved - names of the paints that will be moved above the others.
 * @param above - of those that they are moved above.
 * @param below - names of all that single letters lay below themselves.
 */
export function letterOrder(
  order: readonly string[],
  parts: { readonly moved: CrossingPart; readonly above: CrossingPart },
  moved: ReadonlySet<string>,
  above: ReadonlySet<string>,
  below: readonly string[],
): readonly string[] {
  const withOwn = isLetter(parts.moved) ? withBelow(order, parts.moved, below) : order;
  if (!isLetter(parts.above)) return withOwn;
  const { itemId } = parts.above;
  const isOwn = (name: string): boolean => above.has(name);
  const rest = withOwn.filter((name) => !isOwn(name));
  const letter = withOwn.filter((name) => isOwn(name) && !below.includes(name));
  const lowest = rest.findIndex((name) => name.startsWith(`${itemId}#`) && name !== partName(itemId, belowPart()));
  const first = rest.findIndex((name) => moved.has(name));
  if (letter.length === 0) return withOwn;
  // Where a letter of the word was passed before, this one joins it below what passes.
  if (lowest >= 0 && first > lowest) return rest.toSpliced(first, 0, ...letter);
  const others = below.filter((name) => name.startsWith(`${itemId}#`) && !isOwn(name));
  return rest.toSpliced(lowest < 0 ? rest.length : lowest, 0, ...letter, ...others);
}

/** The order with what a letter lays below itself directly before it. */
function withBelow(order: readonly string[], { itemId, part }: CrossingPart, below: readonly string[]): readonly string[] {
  const name = partName(itemId, belowPart(part));
  const at = order.indexOf(partName(itemId, part));
  return at < 0 || !below.includes(name) || order.includes(name) ? order : order.toSpliced(at, 0, name);
}

function isLetter({ part }: CrossingPart): boolean {
  return part !== 'whole' && part !== 'subject';
}
