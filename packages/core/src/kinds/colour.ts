import { Unsafe } from 'typebox';

/** What a colour can be for: the project says which one that is. */
export const COLOUR_ROLES = ['ground', 'ink', 'accent', 'second'] as const;
export type ColourRole = (typeof COLOUR_ROLES)[number];

/** #rrggbb or #rrggbbaa, sRGB. */
export type LiteralColour = string;

/** The colour that the project has for a role. */
export interface ColourByRole {
  readonly role: ColourRole;
  /** 0 to 1. @default 1 */
  readonly alpha?: number;
}

/** A colour as it stands in a document. */
export type Colour = LiteralColour | ColourByRole;

/** A colour in a kind's schema. */
export const ColourPart = Unsafe<Colour>({ $ref: '#/$defs/colour' });

/** Whether any value of a document is a colour by its role: nothing else has a role and no more than that. */
export function isByRole(value: object): value is ColourByRole {
  if (!('role' in value)) return false;
  for (const key in value) if (key !== 'role' && key !== 'alpha') return false;
  return true;
}

/**
 * A colour of something that is drawn or measured.
 * @throws RangeError for a colour by its role: sheets are resolved first, see document/resolve-sheet.
 */
export function literalColour(colour: Colour): LiteralColour {
  if (typeof colour === 'string') return colour;
  throw new RangeError(`The colour for ${colour.role} has not been resolved`);
}

/** Whether nothing shows through a colour. */
export function isSolidColour(colour: Colour): boolean {
  return typeof colour === 'string' ? colour.length === 7 : (colour.alpha ?? 1) === 1;
}

/** The literal colour that a role stands for. */
export function colourOfRole(
  { role, alpha = 1 }: ColourByRole,
  colours: Readonly<Record<ColourRole, LiteralColour>>,
): LiteralColour {
  const digits = Math.round(Math.min(1, Math.max(0, alpha)) * 255);
  return digits === 255 ? colours[role] : `${colours[role]}${digits.toString(16).padStart(2, '0')}`;
}
