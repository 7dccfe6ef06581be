import { encodedLight, LINEAR } from '../../finish/contrast.js';
import type { Pixels } from '../../photo/pixels.js';
import { luminance, type LightColour } from './area-surface.js';

/** What something white reflects. A picture is printed on that. */
const PAPER = 0.8;
/** A surface lit more than this times its own colour shines: what is put there does not. */
const SHINE = 1.25;

/** The surface that something lies on. */
export interface LitSurface {
  readonly base: LightColour;
  readonly light: LightColour;
  /** How much of the light's colour and strength it takes, 0 to 1; its shadows it always takes. */
  readonly takes: number;
}

/**
 * Puts the light of a surface onto what lies on it, in place: in linear light each px is multiplied by how light the surface is there against its own
 * colour, and by (E / 0.8)^m, E being the colour of the light.
 * @param plate - the surface itself at the same px; where it is clear nothing is known of it. Null for what stands before it: no shade falls on that
 * @param upright - whose alpha is what of the px stands before the surface and does not lie on it; nothing when absent
 */
export function lightInto(
  pixels: Pixels,
  plate: Pixels | null,
  { base, light, takes }: LitSurface,
  upright?: Pixels | null,
): void {
  const gains = light.map((value) => (value / PAPER) ** takes);
  const own = luminance(base);
  const { data } = pixels;
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] === 0) continue;
    let shade = plate ? Math.min(SHINE, shineAt(plate, i, own) / own) : 1;
    if (upright) shade += (1 - shade) * (upright.data[i + 3]! / 255);
    for (let c = 0; c < 3; c++) data[i + c] = encodedLight(LINEAR[data[i + c]!]! * shade * gains[c]!);
  }
}

/** Ink on a surface. */
export interface Ink extends LitSurface {
  /** How much of the surface it covers: 0 is clear ink, through which the surface is seen as through glass. */
  readonly opaque: number;
}

/**
 * Prints px on a surface, in place: in linear light, clear ink takes from the light that the surface reflects what the ink does not let through, opaque ink
 * reflects that light itself; what shines on the surface shines on the ink. Weave, grain and shades of the surface are seen in it, since they are its light.
 * @param plate - the surface itself at the same px; where it is clear nothing is known of it
 */
export function inkInto(pixels: Pixels, plate: Pixels, { base, light, takes, opaque }: Ink): void {
  const own = luminance(base);
  const gains = light.map((value) => (value / PAPER) ** takes);
  const tints = base.map((value) => value ** takes);
  const { data } = pixels;
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] === 0) continue;
    const shade = shineAt(plate, i, own) / own;
    const [dull, gloss] = [Math.min(SHINE, shade), Math.max(0, shade - SHINE)];
    for (let c = 0; c < 3; c++) {
      const ink = LINEAR[data[i + c]!]!;
      const seen = ink * ((1 - opaque) * tints[c]! + opaque * gains[c]!);
      data[i + c] = encodedLight(Math.min(1, dull * seen + gloss * base[c]!));
    }
  }
}

/** The luminance of a surface at a px. */
function shineAt({ data }: Pixels, i: number, otherwise: number): number {
  if (data[i + 3] === 0) return otherwise;
  return 0.2126 * LINEAR[data[i]!]! + 0.7152 * LINEAR[data[i + 1]!]! + 0.0722 * LINEAR[data[i + 2]!]!;
}

/** Puts what stands in front over what lies behind it, in place and in linear light, as it was mixed in the photo; what is clear stays clear. */
export function frontInto(pixels: Pixels, front: Pixels): void {
  const { data } = pixels;
  for (let i = 0; i < data.length; i += 4) {
    const alpha = front.data[i + 3]!;
    if (alpha === 0 || data[i + 3] === 0) continue;
    const share = alpha / 255;
    for (let c = i; c < i + 3; c++) {
      const behind = LINEAR[data[c]!]!;
      data[c] = encodedLight(behind + (LINEAR[front.data[c]!]! - behind) * share);
    }
  }
}
