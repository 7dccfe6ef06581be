import type { Opening } from '@kadrosyn/core';
import { BudgetCache } from './budget-cache.js';
import type { Drawing, Layer } from './drawing.js';

interface Kept {
  readonly stamp: readonly unknown[];
  readonly layer: Layer | null;
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
      opening,
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
    const known = this.kept.get(key);
    if (known?.stamp.every((value, i) => value === stamp[i])) return known.layer;
    const layer = make();
    this.kept.set(key, { stamp, layer }, layer ? layer.bounds.width * layer.bounds.height * 4 : 0);
    return layer;
  }
}
