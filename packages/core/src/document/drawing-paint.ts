import { colourChannels } from '../finish/colour-channels.js';
import type { Matrix } from '../geometry/matrix.js';
import type { Colour, ColourFill, DrawingFill, DrawingLayer, GradientFill, LiteralColour } from './fill.js';

/** A gradient that lies as its frame says, not as its box does. */
export interface FramedGradient {
  readonly type: 'framed';
  readonly kind: GradientFill['kind'];
  /** Maps shares of the box to the plane of the gradient; see the drawing's schema. */
  readonly frame: Matrix;
  readonly stops: GradientFill['stops'];
}

/** What a layer of a drawing is painted with. A colour that the drawing does not have is the last one that it has. */
export function layerPaint(fill: DrawingFill, layer: DrawingLayer): ColourFill | GradientFill | FramedGradient {
  const colourAt = (index: number): LiteralColour =>
    shaded(fill.colours[Math.min(index, fill.colours.length - 1)]!, layer.shade ?? 0);
  const { strength = 1, fade, gradient } = layer;
  if (gradient) {
    const [a, b, c, d, e, f] = gradient.frame;
    const stops = gradient.stops.map((stop) => ({
      at: stop.at,
      colour: withStrength(colourAt(stop.colour), strength * (stop.strength ?? 1)),
    }));
    return { type: 'framed', kind: gradient.kind, frame: { a, b, c, d, e, f }, stops };
  }
  const colour = colourAt(layer.colour);
  if (!fade) return { type: 'colour', colour: withStrength(colour, strength) };
  const stops = fade.stops.map(({ at, strength: share }) => ({ at, colour: withStrength(colour, share * strength) }));
  return { type: 'gradient', kind: fade.kind, ...(fade.angle === undefined ? {} : { angle: fade.angle }), stops };
}

/** Black (towards -1) or white (towards 1) mixed into a colour, as a linear share of each channel. Gives #rrggbb. */
export function shaded(colour: Colour, shade: number): LiteralColour {
  const towards = shade < 0 ? 0 : 255;
  const share = Math.min(1, Math.abs(shade));
  const channels = colourChannels(colour).map((value) => Math.round(value + (towards - value) * share));
  return `#${channels.map(hex).join('')}`;
}

/** The colour at a strength from 0 to 1; at 1 it stays #rrggbb, so that it counts as solid. */
function withStrength(colour: LiteralColour, strength: number): LiteralColour {
  return strength >= 1 ? colour : `${colour}${hex(Math.round(strength * 255))}`;
}

function hex(value: number): string {
  return value.toString(16).padStart(2, '0');
}
