import type { LiteralColour } from '../document/fill.js';
import { colourChannels } from '../finish/colour-channels.js';
import { contrastOf, luminanceOf } from '../finish/contrast.js';
import { SEEN_RATIO, type EdgeSample } from './edge-contrast.js';

/** Near black and near white, where a photo has no colour that does as well. */
const PLAIN: readonly LiteralColour[] = ['#14181a', '#fdfbf6'];
/** A colour of the photo is taken although plain black or white would be seen on this much more of the edge. */
const FOR_HARMONY = 0.04;

/**
 * The colour that stands out best along the edges, from those of the photo where one does about as well as plain black and white.
 * @param against - what it has to stand out from: either side is enough for an outline; a ground lies outside, letters inside.
 */
export function proposeColour(
  samples: readonly EdgeSample[],
  palette: readonly LiteralColour[],
  against: 'either' | 'inside' | 'outside',
): LiteralColour {
  const edges = samples.map(({ inside, outside, length }) => ({ in: luminanceOf(inside), out: luminanceOf(outside), length }));
  const whole = edges.reduce((sum, { length }) => sum + length, 0) || 1;
  const worth = (colour: LiteralColour): number => {
    const own = luminanceOf(colourChannels(colour));
    let sum = 0;
    for (const edge of edges) {
      const [inside, outside] = [contrastOf(own, edge.in), contrastOf(own, edge.out)];
      const ratio = against === 'either' ? Math.max(inside, outside) : against === 'inside' ? inside : outside;
      // Beyond what is seen, more is still a little better.
      sum += edge.length * (Math.min(1, ratio / SEEN_RATIO) + Math.min(1, ratio / 12) * 0.2);
    }
    return sum / whole;
  };
  const best = (colours: readonly LiteralColour[]): { colour: LiteralColour; worth: number } =>
    colours.map((colour) => ({ colour, worth: worth(colour) })).reduce((a, b) => (b.worth > a.worth ? b : a));
  const plain = best(PLAIN);
  if (palette.length === 0) return plain.colour;
  const own = best(palette.map((colour) => colour.slice(0, 7)));
  return own.worth >= plain.worth - FOR_HARMONY ? own.colour : plain.colour;
}
