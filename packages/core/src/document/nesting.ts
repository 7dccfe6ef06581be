/** Levels of objects and lists that a document may have: groups within groups are followed by recursion, which has an end. */
export const MOST_LEVELS = 200;

/** Whether a value of JSON has more levels than can be followed. Looked at without recursion. */
export function isNestedTooDeep(value: unknown, most = MOST_LEVELS): boolean {
  let level: unknown[] = [value];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > most) return true;
    const next: unknown[] = [];
    for (const one of level) {
      if (typeof one !== 'object' || one === null) continue;
      for (const inner of Object.values(one)) if (typeof inner === 'object' && inner !== null) next.push(inner);
    }
    level = next;
  }
  return false;
}
