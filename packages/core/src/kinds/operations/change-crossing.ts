import { crossingKey, type Crossing } from '../../document/crossing.js';
import { changeEntry, type ChangeEntry, type Collection } from './kept-entry.js';
import { nameOf } from './operation-kind.js';

export type ChangeCrossing = ChangeEntry<'change-crossing', Crossing>;

/** A crossing is known by what crosses what. */
export const CROSSINGS: Collection<Crossing> = {
  list: ({ crossings }) => crossings,
  with: (sheet, crossings) => ({ ...sheet, crossings }),
  keyOf: crossingKey,
  name: nameOf.crossing,
  needs: ({ lower, upper }) => [nameOf.item(lower.itemId), nameOf.item(upper.itemId)],
  word: 'crossing',
};

export const changeCrossing = changeEntry('change-crossing', CROSSINGS);
