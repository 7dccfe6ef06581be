import { Array as ArrayPart, Boolean as BooleanPart, Enum, Object as ObjectPart, Optional, Unsafe } from 'typebox';
import type { Placement, Tone } from '../../document/fill.js';
import { EFFECTS, type Effect } from '../effects/effects.js';
import type { Reference } from '../reference.js';
import { ColourPart } from '../colour.js';
import { IdPart, LengthPart, Sha256Part } from '../schema-parts.js';
import { defineFill } from './fill-kind.js';

/** In its own definition, since moods of sheets have effects too. */
const EffectPart = Unsafe<Effect>({ $ref: '#/$defs/effect' });

export const photo = defineFill({
  type: 'photo',
  properties: {
    photoId: IdPart,
    /** Its own placement in the box of the opening, or the id of one of the sheet's shared placements. */
    placement: Unsafe<Placement | string>({ oneOf: [{ $ref: '#/$defs/placement' }, { $ref: '#/$defs/id' }] }),
    fit: Optional(
      Enum(['fill', 'whole', 'subject', 'own'], {
        description: 'The rule by which the photo was fitted last; a replacement is fitted by the same. fill when absent.',
      }),
    ),
    keepCovered: Optional(
      BooleanPart({ description: 'Whether moves and scales keep the opening without a gap; true when absent.' }),
    ),
    cutout: Optional(ObjectPart({ id: IdPart, revision: Sha256Part }, { additionalProperties: false })),
    show: Optional(Enum(['photo', 'subject'], { description: 'photo when absent.' })),
    tone: Optional(Unsafe<Tone>({ $ref: '#/$defs/tone' })),
    blur: Optional(LengthPart),
    effects: Optional(
      ArrayPart(EffectPart, {
        maxItems: Object.keys(EFFECTS).length,
        description: 'At most one of each kind, applied in their own turn, whatever their order here.',
      }),
    ),
    /** Shown where the photo does not reach. */
    extend: Optional(ColourPart),
  },
  isPlain: false,
  refers: ({ photoId, placement, cutout }): readonly Reference[] => [
    { to: 'photo', id: photoId },
    ...(cutout ? [{ to: 'cutout', photoId, ...cutout } as const] : []),
    ...(typeof placement === 'string' ? [{ to: 'placement', id: placement } as const] : []),
  ],
});
