import { finishInputs } from '../finish/finish-inputs.js';
import type { Opening } from '@kadrosyn/core';
import { BudgetCache } from './budget-cache.js';
import type { Drawing, Layer } from '../canvas/drawing.js';
import type { Inputs } from './inputs.js';
import { made, reasonOf, type Trace } from './trace.js';

interface Kept {
  readonly inputs: Inputs;
  readonly value: unknown;
}

/** Layers of items that are kept from one frame to the next, within a budget of bytes. */
export class LayerCache {
  private readonly kept: BudgetCache<string, Kept>;
  /** Names of what there was no room for; only a trace asks for them. */
  private readonly letGo = new Set<string>();

  constructor(budget: number) {
    this.kept = new BudgetCache(budget, (_value, name) => this.letGo.add(name));
  }

  /** The layer of a part of an opening as it was made last, or made now when anything that it shows has changed. */
  layer(opening: Opening, part: string, drawing: Drawing, make: () => Layer | null): Layer | null {
    const { view, clip, sheet, resources } = drawing;
    const inputs: Inputs = {
      ...appearance(opening),
      ...finishInputs(opening.finish, 'below'),
      overhangs: opening.overhangs,
      view: [view.a, view.e, view.f],
      clip: [clip.x, clip.y, clip.width, clip.height],
      placements: sheet.placements,
      light: sheet.light,
      version: resources.version,
      draft: resources.draft,
    };
    const bytes = (layer: Layer | null): number => (layer ? layer.bounds.width * layer.bounds.height * 4 : 0);
    return this.keep<Layer | null>(`${opening.id}#${part}`, inputs, make, bytes, resources.trace);
  }

  /** Anything as it was made last under its name, or made now when its inputs are others. @param bytes - how much memory it takes. */
  keep<T>(name: string, inputs: Inputs, make: () => T, bytes: (made: T) => number, trace?: Trace): T {
    const known = this.kept.get(name);
    const reason = reasonOf(known?.inputs, inputs, this.letGo.has(name));
    if (known && reason === null) {
      trace?.hit('layers');
      return known.value as T;
    }
    const value = made(trace, { cache: 'layers', name, reason: reason! }, make, bytes);
    this.kept.set(name, { inputs, value }, bytes(value));
    this.letGo.delete(name);
    trace?.held('layers', this.kept.bytes);
    return value;
  }
}

/** What decides how an opening looks on its own layer, without its shadow: strength and blending come when the layer is laid. */
export function appearance({ outline, box, fill, finish }: Opening): Inputs {
  return { outline, box, fill, ...finishInputs(finish, 'form', 'inside') };
}
