import { EditError } from './edit-error.js';

/**
 * The list with a value put directly above another one.
 * @param above - the id of that one; null for the back.
 * @throws EditError when that one is not in the list.
 */
export function insertedAbove<T>(list: readonly T[], above: string | null, value: T, idOf: (value: T) => string): readonly T[] {
  if (above === null) return [value, ...list];
  const at = list.findIndex((other) => idOf(other) === above);
  if (at < 0) throw new EditError(`There is no ${above} to lie on`);
  return list.toSpliced(at + 1, 0, value);
}

/**
 * The list without the value that lies directly above another one, and that value.
 * @throws EditError when it is not in the list, or lies elsewhere.
 */
export function removedFrom<T>(
  list: readonly T[],
  id: string,
  above: string | null,
  idOf: (value: T) => string,
): { readonly rest: readonly T[]; readonly value: T } {
  const at = list.findIndex((other) => idOf(other) === id);
  if (at < 0) throw new EditError(`${id} is not in the list`);
  if (aboveOf(list, at, idOf) !== above) throw new EditError(`${id} does not lie on ${above ?? 'the back'}`);
  return { rest: list.toSpliced(at, 1), value: list[at]! };
}

/** The id of what lies below a place of a list, counted from the back; null for the first. */
export function aboveOf<T>(list: readonly T[], index: number, idOf: (value: T) => string): string | null {
  const below = list[index - 1];
  return below === undefined ? null : idOf(below);
}

/** The member to lie on where the wanted one may be gone: the frontmost then. */
export function presentAbove<T>(list: readonly T[], above: string | null, idOf: (value: T) => string): string | null {
  if (above === null || list.some((other) => idOf(other) === above)) return above;
  return aboveOf(list, list.length, idOf);
}
