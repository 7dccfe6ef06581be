import type { Opening } from '@kadrosyn/core';
import { giveBack, type Drawing, type Made } from '../canvas/drawing.js';
import { finishInputs } from '../finish/finish-inputs.js';
import type { Inputs } from '../kept/inputs.js';
import { hostInputs, surfaceInputs } from './host-edge.js';
import type { Memo } from '../kept/memo.js';

/**
 * The layer of a part of an opening as it was made last, or made now when anything that it shows has changed. What is not exact yet is kept for frames
 * of a drag only. @param key - of the part.
 */
export function keptLayer(kept: Memo, opening: Opening, key: string, drawing: Drawing, make: () => Made | null): Made | null {
  const { view, clip, sheet, resources } = drawing;
  const inputs: Inputs = {
    ...inputsOf(opening),
    ...hostInputs(opening, drawing),
    ...surfaceInputs(opening, drawing),
    ...finishInputs(opening.finish, 'below'),
    overhangs: opening.overhangs,
    view: [view.a, view.e, view.f],
    clip: [clip.x, clip.y, clip.width, clip.height],
    placements: sheet.placements,
    light: sheet.light,
    version: resources.version,
    draft: resources.draft,
  };
  const bytes = (of: Made | null): number => (of ? of.layer.bounds.width * of.layer.bounds.height * 4 : 0);
  const before = kept.peek(key) as Made | null | undefined;
  const made = kept.keep<Made | null>(key, inputs, make, bytes, resources.trace);
  if (before && before !== made) giveBack(before.layer, resources);
  if (made?.exact === false && !resources.draft) kept.forget(key);
  return made;
}

/**
 * What decides how an opening looks on its own layer, without its shadow: strength and blending come when the layer is laid. A property that is added
 * to openings counts until it is left out here.
 */
export function inputsOf(opening: Opening): Inputs {
  const { type: _type, id: _id, name: _name, role: _role, kind: _kind, slot: _slot, ...more } = opening;
  const { locked: _locked, hidden: _hidden, word: _word, overhangs: _overhangs, finish, ...seen } = more;
  return { ...seen, ...finishInputs(finish, 'form', 'inside') };
}
