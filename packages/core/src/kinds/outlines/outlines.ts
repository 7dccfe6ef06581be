import type { Shaper } from '../../lettering/shaper.js';
import type { Lay } from '../../geometry/lay.js';
import type { Path } from '../../geometry/path.js';
import type { Reference } from '../reference.js';
import { arch } from './arch.js';
import { cloth } from './cloth.js';
import { corners } from './corners.js';
import { droplet } from './droplet.js';
import { ellipse } from './ellipse.js';
import { heart } from './heart.js';
import { leaf } from './leaf.js';
import { lettering } from './lettering.js';
import type { OutlineHandle, OutlineKind } from './outline-kind.js';
import { path } from './path.js';
import { polygon } from './polygon.js';
import { rectangle } from './rectangle.js';
import { ring } from './ring.js';
import { speech } from './speech.js';
import { star } from './star.js';
import { ticket } from './ticket.js';
import { torn } from './torn.js';
import { trapezoid } from './trapezoid.js';
import { tube } from './tube.js';

/** Every form of outline, in the order in which they are offered. A form that is not here does not exist; one that is here is whole. */
export const OUTLINES = {
  rectangle,
  ellipse,
  arch,
  ring,
  heart,
  leaf,
  droplet,
  star,
  polygon,
  trapezoid,
  corners,
  tube,
  cloth,
  ticket,
  torn,
  speech,
  path,
  lettering,
} as const;

export type OutlineType = keyof typeof OUTLINES;
type OutlineOf<T extends OutlineType> = Parameters<(typeof OUTLINES)[T]['path']>[0];
/** The shape of an opening. Lengths in px of the sheet, ratios from 0 to 1; what each form has is said in its kind. */
export type Outline = { [T in OutlineType]: OutlineOf<T> }[OutlineType];

/** The kind that an outline is of. */
export function outlineKind(outline: Outline): OutlineKind<OutlineType, Outline> {
  // Each kind takes its own outlines only, and is found by their type.
  return OUTLINES[outline.type] as unknown as OutlineKind<OutlineType, Outline>;
}

/**
 * The path of an outline in its box's own frame: 0..width, 0..height in px of the sheet.
 * @param shaper - sets lettering; other outlines do not need it.
 */
export function outlinePath(outline: Outline, width: number, height: number, shaper: Shaper): Path {
  return outlineKind(outline).path(outline, width, height, shaper);
}

/** What an outline needs besides itself. */
export function outlineReferences(outline: Outline): readonly Reference[] {
  return outlineKind(outline).refers?.(outline) ?? [];
}

/** What can be dragged of an outline in a box of this size; none where only the box changes it. */
export function outlineHandles(outline: Outline, width: number, height: number): readonly OutlineHandle<Outline>[] {
  return outlineKind(outline).handles?.(outline, width, height) ?? [];
}

/** Whether the fill is seen in perspective, or on something curved. */
export function isWarped(outline: Outline): boolean {
  return outline.type === 'corners' ? outline.warp : outlineKind(outline).lay !== undefined;
}

/** How the fill lies in a box of this size; null where it is upright, or the outline leaves it no room. */
export function outlineLay(outline: Outline, width: number, height: number): Lay | null {
  return outlineKind(outline).lay?.(outline, width, height) ?? null;
}
