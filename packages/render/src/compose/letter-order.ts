import type { CrossingPart } from '@kadrosyn/core';
import { belowLetter, unitKey, unitOf, type Unit } from './unit.js';

/** Keys of the units of a zone. */
interface ZoneUnits {
  /** Those that will be moved above the others. */
  readonly moved: ReadonlySet<string>;
  /** Those that they are moved above. */
  readonly above: ReadonlySet<string>;
  /** All of the list. */
  readonly units: readonly Unit[];
  /** What single letters lay below themselves. */
  readonly below: readonly Unit[];
}

/**
 * The order within the zone of a crossing with a letter, before one unit is moved above the other. A letter that is passed goes below all the
 * others of its word, so that what passes it passes nothing of them; what they lay below themselves then falls on what passes.
 * @param order - keys from back to front.
 */
export function letterOrder(
  order: readonly string[],
  parts: { readonly moved: CrossingPart; readonly above: CrossingPart },
  { moved, above, units, below }: ZoneUnits,
): readonly string[] {
  const ownBelow = below.map(unitKey);
  const withOwn = isLetter(parts.moved) ? withBelow(order, parts.moved, ownBelow) : order;
  if (!isLetter(parts.above)) return withOwn;
  const { itemId } = parts.above;
  const isOwn = (key: string): boolean => above.has(key);
  const rest = withOwn.filter((key) => !isOwn(key));
  const letter = withOwn.filter((key) => isOwn(key) && !ownBelow.includes(key));
  // What all of the word lays below itself stays where it is.
  const ofWord = new Set(units.filter((unit) => unit.itemId === itemId && !isOfWholeWord(unit)).map(unitKey));
  const lowest = rest.findIndex((key) => ofWord.has(key));
  const first = rest.findIndex((key) => moved.has(key));
  if (letter.length === 0) return withOwn;
  // Where a letter of the word was passed before, this one joins it below what passes.
  if (lowest >= 0 && first > lowest) return rest.toSpliced(first, 0, ...letter);
  const others = below.filter((unit) => unit.itemId === itemId).map(unitKey);
  return rest.toSpliced(lowest < 0 ? rest.length : lowest, 0, ...letter, ...others.filter((key) => !isOwn(key)));
}

function isOfWholeWord({ part }: Unit): boolean {
  return part.kind === 'whole' || (part.kind === 'below' && part.of === 'all');
}

/** The order with what a letter lays below itself directly before it. */
function withBelow(order: readonly string[], letter: CrossingPart, below: readonly string[]): readonly string[] {
  const key = unitKey(belowLetter(letter.itemId, letter.part));
  const at = order.indexOf(unitKey(unitOf(letter)));
  return at < 0 || !below.includes(key) || order.includes(key) ? order : order.toSpliced(at, 0, key);
}

function isLetter({ part }: CrossingPart): boolean {
  return part !== 'whole' && part !== 'subject';
}
