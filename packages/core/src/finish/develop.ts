import type { Tone } from '../document/fill.js';
import type { Pixels } from '../photo/pixels.js';
import { blurPixels, blurReach } from './blur.js';
import type { EffectFrame } from '../kinds/effects/effect-kind.js';
import { effectReach, withEffects, type Effect } from '../kinds/effects/effects.js';
import { isNeutral, toned } from './tone.js';

/** What is made of the pixels of a photo, or of a whole sheet, before they are shown. */
export interface Developing {
  readonly tone?: Tone;
  /** px of the sheet. */
  readonly blur?: number;
  readonly effects?: readonly Effect[];
}

/** Whether anything is to be done. */
export function isDeveloped({ tone, blur = 0, effects = [] }: Developing): boolean {
  return blur > 0 || !isNeutral(tone) || effects.some(({ strength }) => strength > 0);
}

/** How far what is made of a px looks around itself, px of the sheet. */
export function developReach({ blur = 0, effects = [] }: Developing): number {
  return blurReach(blur / 2) + effects.reduce((sum, effect) => sum + effectReach(effect), 0);
}

/** Blur, then tone, then effects. */
export function developed(pixels: Pixels, { tone, blur = 0, effects = [] }: Developing, frame: EffectFrame): Pixels {
  const soft = blur > 0 ? blurPixels(pixels, (blur / 2) * frame.scale) : pixels;
  const shaded = tone && !isNeutral(tone) ? toned(soft, tone) : soft;
  return withEffects(shaded, effects, frame);
}
