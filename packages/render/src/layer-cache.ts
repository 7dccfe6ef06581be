import type { Opening } from '@kadrosyn/core';
import { BudgetCache } from './budget-cache.js';
import type { Drawing, Layer } from './drawing.js';

interface Kept {
  readonly stamp: readonly unknown[];
  readonly value: unknown;
}

/** Layers of items that are kept from one frame to the next, within a budget of bytes. */
export class LayerCache {
  private readonly kept: BudgetCache<string, Kept>;

  constructor(budget: number) {
    this.kept = new BudgetCache(budget);
  }

  /** The layer of a part of an opening as it was made last, or made now when anything that it shows has changed. */
  layer(opening: Opening, part: string, drawing: Drawing, make: () => Layer | null): Layer | null {
    const { view, clip, sheet, resources } = drawing;
    const key = `${opening.id}#${part}`;
    const stamp: readonly unknown[] = [
      ...appearance(opening),
      opening.finish.shadow,
      opening.overhangs,
      view.a,
      view.e,
      view.f,
      clip.x,
      clip.y,
      clip.width,
      clip.height,
      sheet.placements,
      sheet.light,
      resources.version,
      resources.draft,
    ];
    return this.keep<Layer | null>(key, stamp, make, (layer) => (layer ? layer.bounds.width * layer.bounds.height * 4 : 0));
  }

  /** Anything as it was made last under its name, or made now when its stamp is another. @param bytes - how much memory it takes. */
  keep<T>(name: string, stamp: readonly unknown[], make: () => T, bytes: (made: T) => number): T {
    const known = this.kept.get(name);
    if (known?.stamp.length === stamp.length && known.stamp.every((value, i) => value === stamp[i])) return known.value as T;
    const value = make();
    this.kept.set(name, { stamp, value }, bytes(value));
    return value;
  }
}

/** What decides how an opening looks on its own layer, without its shadow: strength and blending come when the layer is laid. */
export function appearance({ outline, box, fill, finish }: Opening): readonly unknown[] {
  return [outline, box, fill, finish.outline, finish.rim, finish.innerShade];
}
