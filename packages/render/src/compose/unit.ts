import type { CrossingPart } from '@kadrosyn/core';

/**
 * What of an item is painted in one go: all of it; of an opening whose subject is crossed its body, the tongue that hangs out, and the whole subject; of a
 * word a letter, and what letters lay below themselves (shadow and outer outline): all of them, a single one, or all without some.
 */
export type UnitPart =
  | { readonly kind: 'whole' | 'body' | 'tongue' | 'subject' }
  | { readonly kind: 'letter'; readonly id: string }
  | { readonly kind: 'below'; readonly of: 'all' | { readonly letter: string } | { readonly without: readonly string[] } };

/** A part of an item, by which paints are told apart. */
export interface Unit {
  readonly itemId: string;
  readonly part: UnitPart;
}

/** The same for equal units, another for others. */
export function unitKey({ itemId, part }: Unit): string {
  switch (part.kind) {
    case 'whole':
      return itemId;
    case 'letter':
      return `${itemId}#letter ${part.id}`;
    case 'below':
      return `${itemId}#below ${part.of === 'all' ? 'all' : 'letter' in part.of ? part.of.letter : `without ${part.of.without.join(' ')}`}`;
    default:
      return `${itemId}#${part.kind}`;
  }
}

/** The unit that a crossing is with. */
export function unitOf({ itemId, part }: CrossingPart): Unit {
  if (part === 'whole' || part === 'subject') return { itemId, part: { kind: part } };
  return { itemId, part: { kind: 'letter', id: part } };
}

/** What a single letter lays below itself. */
export function belowLetter(itemId: string, letter: string): Unit {
  return { itemId, part: { kind: 'below', of: { letter } } };
}

/** Whether something is painted only where a zone moves it: all of a subject, and what single letters lay below themselves. */
export function isOfZones({ part }: Unit): boolean {
  return part.kind === 'subject' || (part.kind === 'below' && part.of !== 'all');
}

/** Keys of those among `units` that the part of a crossing stands for. */
export function keysOf(crossed: CrossingPart, units: Iterable<Unit>): string[] {
  return [...units].filter((unit) => standsFor(crossed, unit)).map(unitKey);
}

/** Whether a unit is painted for the part of a crossing: for a whole item all but the whole subject, for a letter what it lays below itself too. */
export function standsFor({ itemId, part }: CrossingPart, unit: Unit): boolean {
  if (unit.itemId !== itemId) return false;
  const own = unit.part;
  if (part === 'whole') return own.kind !== 'subject';
  if (part === 'subject') return own.kind === 'subject';
  if (own.kind === 'below') return own.of !== 'all' && 'letter' in own.of && own.of.letter === part;
  return own.kind === 'letter' && own.id === part;
}
