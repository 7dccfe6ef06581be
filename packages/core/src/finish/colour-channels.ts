import { literalColour, type Colour } from '../kinds/colour.js';

/** Red, green and blue of a colour, 0 to 255 each. */
export function colourChannels(colour: Colour): [number, number, number] {
  const hex = literalColour(colour);
  return [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as [number, number, number];
}
