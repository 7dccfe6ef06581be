import { formatHex, modeHsl, modeRgb, useMode } from 'culori/fn';

const toHsl = useMode(modeHsl);
useMode(modeRgb);

/** Hue in degrees, saturation and lightness in percent. */
export interface Hsl {
  readonly hue: number;
  readonly saturation: number;
  readonly lightness: number;
}

/** #rrggbb as hue, saturation and lightness. A grey has hue 0. */
export function hslOf(hex: string): Hsl {
  const { h = 0, s, l } = toHsl(hex)!;
  return { hue: h, saturation: s * 100, lightness: l * 100 };
}

/** The colour as #rrggbb. */
export function hexOfHsl({ hue, saturation, lightness }: Hsl): string {
  return formatHex({ mode: 'hsl', h: hue, s: saturation / 100, l: lightness / 100 });
}
