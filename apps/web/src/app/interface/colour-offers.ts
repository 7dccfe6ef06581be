import { InjectionToken, type Signal } from '@angular/core';
import type { ColourRole, LiteralColour } from '@kadrosyn/core';

/** Colours that are proposed together. */
export interface ColourOffer {
  /** "From heron-shore". */
  readonly name: string;
  readonly colours: readonly { readonly colour: string; readonly words: string }[];
}

/** A colour that the project has for a role. */
export interface ColourForRole {
  readonly role: ColourRole;
  readonly name: string;
  /** #rrggbb. */
  readonly colour: LiteralColour;
}

/** Where colours can be taken from. */
export interface ColourSource {
  /** What roles stand for, with their words. */
  readonly roles: Signal<readonly ColourForRole[]>;
  readonly offers: Signal<readonly ColourOffer[]>;
  /** Lets the person point at a colour; null when they do not. */
  readonly take: () => Promise<string | null>;
}

/** What the screen has besides swatches: provided where there is a sheet to take colours from. */
export const COLOUR_SOURCE = new InjectionToken<ColourSource>('colour source');
