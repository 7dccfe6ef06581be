import type { Colour } from '../document/fill.js';
import { labOf } from '../photo/palette.js';
import { colourChannels } from './colour-channels.js';

/** Hues by where they end, degrees in CIE Lab. */
const HUES: readonly (readonly [number, string])[] = [
  [18, 'pink'],
  [48, 'red'],
  [76, 'orange'],
  [106, 'yellow'],
  [130, 'olive green'],
  [172, 'green'],
  [222, 'turquoise'],
  [304, 'blue'],
  [326, 'violet'],
  [345, 'purple'],
  [360, 'pink'],
];

/** Below this chroma a colour has no hue to speak of. */
const GREYISH = 7;

/** A colour in plain words: "dark green", "pale orange", "brown", "almost black". */
export function colourWords(colour: Colour): string {
  const [lightness, a, b] = labOf(colourChannels(colour));
  const chroma = Math.hypot(a, b);
  if (lightness < 9) return chroma < GREYISH ? 'black' : 'almost black';
  if (lightness > 96 && chroma < GREYISH) return 'white';
  if (chroma < GREYISH) return lightness < 35 ? 'dark grey' : lightness < 70 ? 'grey' : 'light grey';
  const angle = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const hue = HUES.find(([end]) => angle <= end)![1];
  const isWarm = hue === 'orange' || hue === 'yellow';
  // What is called brown is a dark or dull orange, sand and cream a dull light one.
  if (isWarm && lightness < 55 && chroma < 60) return lightness < 28 ? 'dark brown' : 'brown';
  if (isWarm && chroma < 30) return lightness > 86 ? 'cream' : lightness > 68 ? 'sand' : 'light brown';
  if (hue === 'red' && lightness < 45 && chroma < 40) return lightness < 25 ? 'dark brown' : 'red brown';
  const depth = lightness < 33 ? 'dark ' : lightness > 80 ? 'pale ' : lightness > 65 ? 'light ' : '';
  const purity = depth === '' && chroma < 22 ? 'greyish ' : '';
  return `${depth}${purity}${hue}`;
}
