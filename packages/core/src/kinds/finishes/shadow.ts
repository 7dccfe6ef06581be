import { Unsafe } from 'typebox';
import type { Shadow } from '../../document/finish.js';
import { blurReach } from '../../finish/blur.js';
import { defineFinish } from './finish-kind.js';

/** A shadow on what lies below. Overhangs have one of the same form. */
export const shadow = defineFinish<Shadow, 'below'>({
  name: 'Shadow',
  schema: Unsafe<Shadow>({ $ref: '#/$defs/shadow' }),
  lies: 'below',
  cast: (of) => of,
  scaled: scaledShadow,
  around: shadowReach,
  forGroups: true,
});

/** A shadow whose lengths are so many times as long. */
export function scaledShadow(of: Shadow, factor: number): Shadow {
  const { distance, blur, spread } = of;
  return {
    ...of,
    distance: distance * factor,
    blur: blur * factor,
    ...(spread === undefined ? {} : { spread: spread * factor }),
  };
}

/** How far a shadow reaches beyond what casts it, px of the sheet. */
export function shadowReach(of: Shadow | undefined): number {
  return of ? of.distance + blurReach(of.blur / 2) + Math.max(0, of.spread ?? 0) + 1 : 0;
}
