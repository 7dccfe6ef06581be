/** A cache that forgets what was used longest ago once it holds more bytes than it may. */
export class BudgetCache<K, V> {
  private readonly entries = new Map<K, { readonly value: V; readonly bytes: number }>();
  private total = 0;

  /**
   * @param budget - bytes.
   * @param release - called for each value that is let go, with its key.
   */
  constructor(
    private readonly budget: number,
    private readonly release: (value: V, key: K) => void = () => undefined,
  ) {}

  get bytes(): number {
    return this.total;
  }

  get(key: K): V | undefined {
    const entry = this.entries.get(key);
    if (!entry) return undefined;
    this.entries.delete(key);
    this.entries.set(key, entry);
    return entry.value;
  }

  /** The newest entry always stays, even when it alone is over the budget. */
  set(key: K, value: V, bytes: number): void {
    this.delete(key);
    this.entries.set(key, { value, bytes });
    this.total += bytes;
    for (const oldest of this.entries.keys()) {
      if (this.total <= this.budget || oldest === key) break;
      this.delete(oldest);
    }
  }

  delete(key: K): void {
    const value = this.take(key);
    if (value !== undefined) this.release(value, key);
  }

  /** Takes a value out without letting it go: it now belongs to the caller. */
  take(key: K): V | undefined {
    const entry = this.entries.get(key);
    if (!entry) return undefined;
    this.entries.delete(key);
    this.total -= entry.bytes;
    return entry.value;
  }
}
