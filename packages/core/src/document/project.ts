import type { AreaForm } from '../areas/area-form.js';
import type { Crossing } from './crossing.js';
import type { Colour, GroundFill, Placement, Tone } from './fill.js';
import type { Effect } from '../kinds/effects/effects.js';
import type { Item } from './item.js';
import type { Roles } from './roles.js';

/** The version of the document that this code writes. Older ones are migrated when read. */
export const PROJECT_VERSION = 12;

export type Unit = 'px' | 'mm' | 'in';

/** What is saved: sheets, the photos they use, the settings. All lengths are px of the sheet at its dpi. */
export interface Project {
  readonly format: 'kadrosyn';
  readonly version: typeof PROJECT_VERSION;
  readonly name: string;
  /** The unit in which people read and type lengths; stored lengths stay in px. */
  readonly unit: Unit;
  /** Project colours as #rrggbb. */
  readonly swatches: readonly string[];
  /** What colours by role stand for. */
  readonly roles: Roles;
  /** Photos that any fill of the project refers to, by id. */
  readonly photos: Readonly<Record<string, Photo>>;
  readonly sheets: readonly Sheet[];
  readonly set?: SetTable;
}

export interface Sheet {
  readonly id: string;
  readonly name: string;
  /** px; may be fractional, since 105 mm is no whole number of px. */
  readonly width: number;
  readonly height: number;
  /** px per inch. */
  readonly dpi: number;
  /** px outside the trimmed edge. */
  readonly bleed: number;
  /** px inside the trimmed edge. */
  readonly margin: number;
  readonly folds?: readonly Fold[];
  /** Colours, gradients, or nothing: a photo behind everything is an item; see document/background. */
  readonly background: GroundFill;
  /** Over the background, the photo too, and below all other items. */
  readonly veil?: { readonly colour?: Colour; readonly strength?: number };
  /** Over everything. */
  readonly mood?: Mood;
  readonly light?: Light;
  /** Placements that several openings share, in sheet px. */
  readonly placements: Readonly<Record<string, Placement>>;
  readonly guides: readonly Guide[];
  /** An imprint is what lies on a product, in true size: no page of its own. @default a page */
  readonly role?: 'imprint';
  /** From back to front. */
  readonly items: readonly Item[];
  readonly crossings: readonly Crossing[];
}

/** A tone for all of a sheet, with effects that lie over it. */
export interface Mood {
  readonly tone?: Tone;
  readonly effects?: readonly Effect[];
}

/** One direction for all shadows: degrees clockwise from the right, height in degrees above the sheet. */
export interface Light {
  readonly angle: number;
  readonly height: number;
}

export interface Fold {
  readonly axis: 'horizontal' | 'vertical';
  /** px from the left or the top edge. */
  readonly at: number;
}

export interface Guide {
  readonly id: string;
  readonly axis: 'horizontal' | 'vertical';
  readonly at: number;
}

/** A photo as the document knows it. `sha256` is of the uploaded file; sizes are upright px. */
export interface Photo {
  readonly id: string;
  readonly sha256: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  /** What every fit keeps in sight, in photo px. */
  readonly focus?: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly cutouts?: readonly Cutout[];
  /** Parts of it that can show something. */
  readonly areas?: readonly PhotoArea[];
}

/** A part of a photo that can show something, such as a pane or a blank card. */
export interface PhotoArea {
  readonly id: string;
  readonly name: string;
  readonly form: AreaForm;
  /** Of the rectangle that it is a picture of, mm; of something round, how far round it goes. @default nobody has said */
  readonly size?: { readonly width: number; readonly height: number };
  /** Where it is plain. @default nothing is known of the light there */
  readonly surface?: AreaSurface;
  /** What stands in front of it. @default nothing */
  readonly front?: AreaFront;
  /** What a person says of what stands in front. */
  readonly hints?: AreaHints;
  /** What is laid on it is printed there, though it is flat. @default what is laid on something flat is a picture of its own */
  readonly printed?: boolean;
}

/** The plain surface of an area; both are light of the sRGB primaries, 0 to 1. */
export interface AreaSurface {
  /** Its own colour in the light of the photo. */
  readonly base: readonly [number, number, number];
  /** The colour of that light on something white. */
  readonly light: readonly [number, number, number];
  /** How soft the photo is there: standard deviation of the blur of its sharpest edges, px of the photo. @default nothing is known of it */
  readonly blur?: number;
}

/** Kept pictures beside the photo (see `keptPart`). */
export interface AreaFront {
  /** Of what stands in front. */
  readonly matteSha256: string;
  /** Of the surface as it would be without it. */
  readonly plateSha256: string;
}

export interface AreaHints {
  /** *Keep* says that it is in front, *leave-out* that it is not. */
  readonly marks?: readonly CutoutMark[];
  /** Mattes of the photo's cutouts that stand in front. */
  readonly cutouts?: readonly string[];
}

export interface Cutout {
  readonly id: string;
  readonly name: string;
  /** A revision never changes; new work adds one. */
  readonly revisions: readonly CutoutRevision[];
}

/** It is named by what it shows: the sha256 of its matte. */
export interface CutoutRevision {
  readonly matteSha256: string;
  readonly marks: readonly CutoutMark[];
  /** How the edge was wanted. @default STANDARD_EDGE */
  readonly edge?: EdgeSettings;
  /** What was wanted of small pieces and holes. @default specks kept, holes open */
  readonly pieces?: PieceSettings;
}

/** A stroke, a box or a request; points in photo px as [x0, y0, x1, y1, ...]. */
export interface CutoutMark {
  /** *suggest*, *flat* (clear a flat background) and *own* (the photo's own clear places) have no points. */
  readonly kind: 'suggest' | 'box' | 'keep' | 'leave-out' | 'trace' | 'paint' | 'erase' | 'soft-edge' | 'flat' | 'own';
  readonly points: readonly number[];
  /** Of a stroke, photo px. */
  readonly width?: number;
  /** Of a brush, 0 (hard) to 1. @default 0 */
  readonly softness?: number;
  /** Of *flat*: how far a colour may be from the ground's, levels of 255. */
  readonly tolerance?: number;
  /** Of *flat*: whether the ground is also cleared where the subject encloses it. */
  readonly everywhere?: boolean;
  /** Of *keep* and *leave-out*: a point in each place elsewhere that was changed with it, [x0, y0, x1, y1, ...] in photo px. @default none */
  readonly also?: readonly number[];
}

/** How the edge of a cutout is wanted. */
export interface EdgeSettings {
  /** From -1 (tighter) to 1 (looser). */
  readonly shift: number;
  /** From -1 (crisp) to 1 (soft). */
  readonly softness: number;
  /** How much of the old ground's colour is taken out of the edge, 0 to 1. */
  readonly colourOut: number;
}

/** What is wanted of the small pieces beside a subject and of the holes in it. */
export interface PieceSettings {
  readonly specks: 'kept' | 'out';
  readonly holes: 'open' | 'filled';
}

/** A table of values: a picture for every row. */
export interface SetTable {
  readonly columns: readonly { readonly itemId: string; readonly property: 'photo' | 'text' | 'colour' }[];
  readonly rows: readonly (readonly string[])[];
}
