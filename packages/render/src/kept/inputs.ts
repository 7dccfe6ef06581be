/** What something was computed from, by name. An input that is a list stands for its entries; all else is compared by identity. */
export type Inputs = Readonly<Record<string, unknown>>;

/** The name of the first input that is another one than before; null where the same comes out again. */
export function changedInput(before: Inputs, now: Inputs): string | null {
  for (const name in now) if (!isSame(before[name], now[name])) return name;
  // What is no longer asked about was worth something before.
  for (const name in before) if (!(name in now)) return name;
  return null;
}

function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (!Array.isArray(a) || !Array.isArray(b) || a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}
