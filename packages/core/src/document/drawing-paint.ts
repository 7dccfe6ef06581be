import { colourChannels } from '../finish/colour-channels.js';
import type { Colour, ColourFill, DrawingFill, DrawingLayer, GradientFill, LiteralColour } from './fill.js';

/** What a layer of a drawing is painted with. A colour that the drawing does not have is the last one that it has. */
export function layerPaint(fill: DrawingFill, layer: DrawingLayer): ColourFill | GradientFill {
  const colour = shaded(fill.colours[Math.min(layer.colour, fill.colours.length - 1)]!, layer.shade ?? 0);
  const { strength = 1, fade } = layer;
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
