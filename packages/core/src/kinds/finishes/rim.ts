import { Object as ObjectPart, type Static } from 'typebox';
import { ColourPart } from '../colour.js';
import { type Stored } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';
import { scaledSides, sideProperties, widest } from './sides.js';

const Rim = ObjectPart({ ...sideProperties, colour: ColourPart }, { additionalProperties: false });

/** A frame within the edge, as a card or a print has it: the same outline in the box that its widths leave lies inside. */
export const rim = defineFinish<Stored<Static<typeof Rim>>, 'form'>({
  name: 'Rim',
  schema: Rim,
  lies: 'form',
  isFrame: true,
  scaled: scaledSides,
  inwards: widest,
  forGroups: false,
});
