import type { Colour } from '../document/fill.js';

/** Red, green and blue of a colour, 0 to 255 each. */
export function colourChannels(colour: Colour): [number, number, number] {
  return [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16)) as [number, number, number];
}
