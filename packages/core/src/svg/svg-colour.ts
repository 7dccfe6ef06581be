import { formatHex, modeHsl, modeLab, modeLch, modeOklab, modeOklch, modeRgb, parse, useMode } from 'culori/fn';
import type { LiteralColour } from '../kinds/colour.js';

// What CSS can say a colour in; each is known to the parser once it is named.
const toRgb = useMode(modeRgb);
for (const mode of [modeHsl, modeLab, modeLch, modeOklab, modeOklch]) useMode(mode as typeof modeLab);

/** A colour without its clearness, and that. */
export interface SvgColour {
  readonly colour: LiteralColour;
  /** 0 to 1. */
  readonly strength: number;
}

/** Reads a colour of CSS (names, hex, rgb, hsl, lab...); null for anything else. @param own - what `currentColor` stands for. */
export function readSvgColour(text: string, own: string): SvgColour | null {
  const wanted = text.trim().toLowerCase() === 'currentcolor' ? own : text;
  const read = toRgb(parse(wanted.trim().toLowerCase()));
  return read ? { colour: formatHex(read), strength: read.alpha ?? 1 } : null;
}
