/** Indices of the paints of a unit within the order from back to front. */
export type UnitPaints = readonly number[];

/**
 * The order with the paints of one unit moved to directly above those of another. What lay between is passed.
 * @param order - names of paints from back to front.
 */
export function movedAbove(order: readonly string[], lower: ReadonlySet<string>, upper: ReadonlySet<string>): readonly string[] {
  const moved = order.filter((name) => lower.has(name));
  const rest = order.filter((name) => !lower.has(name));
  const last = rest.findLastIndex((name) => upper.has(name));
  return last < 0 || moved.length === 0 ? order : [...rest.slice(0, last + 1), ...moved, ...rest.slice(last + 1)];
}

/** Whether all paints of one unit lie above all of the other. */
export function isAbove(order: readonly string[], lower: ReadonlySet<string>, upper: ReadonlySet<string>): boolean {
  const first = order.findIndex((name) => lower.has(name));
  const last = order.findLastIndex((name) => upper.has(name));
  return first > last;
}
