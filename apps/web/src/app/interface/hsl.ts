/** Hue in degrees, saturation and lightness in percent. */
export interface Hsl {
  readonly hue: number;
  readonly saturation: number;
  readonly lightness: number;
}

/** #rrggbb as hue, saturation and lightness. A grey has hue 0. */
export function hslOf(hex: string): Hsl {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number];
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  const range = most - least;
  const lightness = (most + least) / 2;
  if (range === 0) return { hue: 0, saturation: 0, lightness: lightness * 100 };
  const saturation = range / (1 - Math.abs(2 * lightness - 1));
  const sixth = most === r ? (g - b) / range + (g < b ? 6 : 0) : most === g ? (b - r) / range + 2 : (r - g) / range + 4;
  return { hue: sixth * 60, saturation: saturation * 100, lightness: lightness * 100 };
}

/** The colour as #rrggbb. */
export function hexOfHsl({ hue, saturation, lightness }: Hsl): string {
  const light = lightness / 100;
  const reach = (saturation / 100) * Math.min(light, 1 - light);
  const channel = (n: number): string => {
    const k = (n + hue / 30) % 12;
    const value = light - reach * Math.max(-1, Math.min(k - 3, 9 - k, 1));
    return Math.round(value * 255)
      .toString(16)
      .padStart(2, '0');
  };
  return `#${channel(0)}${channel(8)}${channel(4)}`;
}
