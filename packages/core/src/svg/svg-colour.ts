import { colord, extend } from 'colord';
import namesPlugin from 'colord/plugins/names';
import type { LiteralColour } from '../kinds/colour.js';

extend([namesPlugin]);

/** A colour without its clearness, and that. */
export interface SvgColour {
  readonly colour: LiteralColour;
  /** 0 to 1. */
  readonly strength: number;
}

/** Reads a colour of CSS (names, hex, rgb, hsl); null for anything else. @param own - what `currentColor` stands for. */
export function readSvgColour(text: string, own: string): SvgColour | null {
  const wanted = text.trim().toLowerCase() === 'currentcolor' ? own : text;
  const read = colord(wanted.trim().toLowerCase());
  if (!read.isValid()) return null;
  const { a } = read.toRgb();
  return { colour: read.alpha(1).toHex(), strength: a };
}
