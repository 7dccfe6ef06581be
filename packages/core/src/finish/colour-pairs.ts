import type { LiteralColour } from '../document/fill.js';
import { labOf, type PaletteColour } from '../photo/palette.js';
import { colourChannels } from './colour-channels.js';
import { colourContrast } from './contrast.js';

/** Two colours of a picture that go together, the one as a ground and the other for letters on it. */
export interface ColourPair {
  readonly ground: LiteralColour;
  readonly letters: LiteralColour;
  /** WCAG: at least the 4.5 that is enough for any text. */
  readonly contrast: number;
}

/** Text of any size can be read on its ground from here on (WCAG 2.2, AA). */
const READABLE = 4.5;

/**
 * Pairs of the colours of a picture of which one can be read on the other, the most harmonious first: hues near each other or across from each
 * other go together, and greys go with all; more contrast is better, up to where it is enough.
 * @param most - so many pairs.
 */
export function colourPairs(palette: readonly PaletteColour[], most = 4): ColourPair[] {
  const pairs = palette.flatMap(({ colour: ground }, i) =>
    palette.slice(i + 1).map(({ colour: letters }) => ({ ground, letters, contrast: colourContrast(ground, letters) })),
  );
  return pairs
    .filter(({ contrast }) => contrast >= READABLE)
    .map((pair) => ({ pair, worth: harmony(pair.ground, pair.letters) * Math.min(pair.contrast, 7) }))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, most)
    .map(({ pair }) => pair);
}

/** From 0 to 1. */
function harmony(a: LiteralColour, b: LiteralColour): number {
  const [p, q] = [labOf(colourChannels(a)), labOf(colourChannels(b))];
  const chroma = Math.min(Math.hypot(p[1], p[2]), Math.hypot(q[1], q[2]));
  const turn = Math.abs(Math.atan2(p[2], p[1]) - Math.atan2(q[2], q[1])) * (180 / Math.PI);
  const apart = Math.min(turn, 360 - turn);
  // 1 at the same hue and across the circle, least a third of the way round, where neither is meant.
  const hue = 0.55 + 0.45 * Math.abs(Math.cos((apart * Math.PI) / 180)) ** 0.7;
  const weight = Math.min(1, chroma / 20);
  return hue * weight + (1 - weight);
}
