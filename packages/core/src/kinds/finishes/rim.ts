import { Object as ObjectPart } from 'typebox';
import { ColourPart } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';
import { scaledSides, sideProperties, widest } from './sides.js';

/** A frame within the edge, as a card or a print has it: the same outline in the box that its widths leave lies inside. */
export const rim = defineFinish({
  name: 'Rim',
  schema: ObjectPart({ ...sideProperties, colour: ColourPart }, { additionalProperties: false }),
  lies: 'form',
  isFrame: true,
  scaled: scaledSides,
  inwards: widest,
  forGroups: false,
});
