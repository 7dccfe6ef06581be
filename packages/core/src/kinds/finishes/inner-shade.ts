import { Object as ObjectPart, type Static } from 'typebox';
import { blurReach } from '../../finish/blur.js';
import { ColourPart } from '../colour.js';
import { LengthPart, sharePart, type Stored } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';

const InnerShade = ObjectPart(
  { colour: ColourPart, blur: LengthPart, strength: sharePart('At the edge.') },
  { additionalProperties: false },
);

/** A shade along the inner edge, as if the opening was cut out of the sheet. */
export const innerShade = defineFinish<Stored<Static<typeof InnerShade>>, 'inside'>({
  name: 'Inner shade',
  schema: InnerShade,
  lies: 'inside',
  shade: (shade) => shade,
  scaled: (shade, factor) => ({ ...shade, blur: shade.blur * factor }),
  around: ({ blur }) => blurReach(blur / 2),
  forGroups: false,
  panel: {
    first: (extent) => ({ colour: '#20272a', blur: Math.round(extent * 0.03), strength: 0.5 }),
    fields: [
      { of: 'blur', name: 'Softness', as: { length: { most: 0.12 } } },
      { of: 'strength', name: 'Strength', as: 'share' },
      { of: 'colour', name: 'Shade colour', as: 'colour' },
    ],
  },
});
