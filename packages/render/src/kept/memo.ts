import { BudgetCache } from './budget-cache.js';
import type { Inputs } from './inputs.js';
import { made, reasonOf, type CacheName, type Trace } from './trace.js';

interface Kept {
  readonly inputs: Inputs;
  readonly value: unknown;
}

/**
 * Keeps what was computed from what, under names: asked for again, it is the same as long as all its inputs are, and made anew when one of them has changed.
 * What was used longest ago goes when there is more than the budget holds.
 */
export class Memo {
  private readonly kept: BudgetCache<string, Kept>;
  /** Names of what there was no room for; only a trace asks for them. */
  private readonly letGo = new Set<string>();

  /** @param cache - how a trace calls it. @param budget - bytes. */
  constructor(
    private readonly cache: CacheName,
    budget: number,
  ) {
    this.kept = new BudgetCache(budget, (_value, name) => this.letGo.add(name));
  }

  /** @param bytes - how much memory what was made takes */
  keep<T>(name: string, inputs: Inputs, make: () => T, bytes: (made: T) => number, trace?: Trace): T {
    const known = this.kept.get(name);
    const reason = reasonOf(known?.inputs, inputs, this.letGo.has(name));
    if (known && reason === null) {
      trace?.hit(this.cache);
      return known.value as T;
    }
    const value = made(trace, { cache: this.cache, name, reason: reason! }, make, bytes);
    this.kept.set(name, { inputs, value }, bytes(value));
    this.letGo.delete(name);
    trace?.held(this.cache, this.kept.bytes);
    return value;
  }

  /** What is kept under a name now, whatever it was computed from. */
  peek(name: string): unknown {
    return this.kept.get(name)?.value;
  }

  /** Makes it anew the next time. */
  forget(name: string): void {
    this.kept.take(name);
  }
}

/** The same for what belongs to an object, and goes with it. */
export class ObjectMemo<T> {
  private readonly kept = new WeakMap<object, Map<string, { readonly inputs: Inputs; readonly value: T }>>();

  /** @param cache - how a trace calls it. */
  constructor(private readonly cache: CacheName) {}

  /** @param of.name - tells apart what belongs to the same object. */
  keep(
    { owner, name }: { readonly owner: object; readonly name: string },
    inputs: Inputs,
    make: () => T,
    trace?: Trace,
    bytes?: (made: T) => number,
  ): T {
    const own = this.kept.get(owner) ?? new Map<string, { readonly inputs: Inputs; readonly value: T }>();
    this.kept.set(owner, own);
    const known = own.get(name);
    const reason = reasonOf(known?.inputs, inputs);
    if (known && reason === null) {
      trace?.hit(this.cache);
      return known.value;
    }
    const value = made(trace, { cache: this.cache, name, reason: reason! }, make, bytes);
    own.set(name, { inputs, value });
    return value;
  }
}
