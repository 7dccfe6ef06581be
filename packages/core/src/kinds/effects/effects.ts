import { Enum, Number as NumberPart, Object as ObjectPart, Optional, type Static } from 'typebox';
import type { Pixels } from '../../photo/pixels.js';
import { ColourPart } from '../colour.js';
import { type Stored } from '../schema-parts.js';
import { edges } from './edges.js';
import type { EffectFrame, EffectKind } from './effect-kind.js';
import { flattened } from './flattened.js';
import { grain } from './grain.js';
import { halftone } from './halftone.js';

/** Every effect, in the order in which they are offered. */
export const EFFECTS = { flattened, halftone, grain, edges } as const satisfies Readonly<Record<string, EffectKind>>;

export type EffectName = keyof typeof EFFECTS;

/** An effect as it stands in a document. A list holds at most one of each; they are applied in their own turn, whatever their order there. */
export const EffectPart = ObjectPart(
  {
    kind: Enum(Object.keys(EFFECTS) as [EffectName, ...EffectName[]]),
    strength: NumberPart({ minimum: 0, maximum: 1 }),
    ink: Optional(ColourPart),
  },
  { additionalProperties: false },
);
export type Effect = Stored<Static<typeof EffectPart>>;

/** Effects on the pixels of a photo or a sheet. */
export function withEffects(pixels: Pixels, effects: readonly Effect[], frame: EffectFrame): Pixels {
  return effects
    .filter(({ strength }) => strength > 0)
    .toSorted((a, b) => EFFECTS[a.kind].turn - EFFECTS[b.kind].turn)
    .reduce((out, effect) => EFFECTS[effect.kind].apply(out, effect, frame), pixels);
}

/** How far an effect looks around each px, px of the sheet. */
export function effectReach({ kind, strength }: Effect): number {
  const { reach }: EffectKind = EFFECTS[kind];
  return strength > 0 ? (reach?.(strength) ?? 0) : 0;
}
