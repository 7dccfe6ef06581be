import type { Opening } from '../document/item.js';
import type { LookedAt } from '../document/resolve-sheet.js';
import type { Sheet } from '../document/project.js';
import { boxBounds, boxMatrix } from '../geometry/box.js';
import { openingsAt } from '../geometry/hit.js';
import { apply, invert, type Point } from '../geometry/matrix.js';
import { contains } from '../geometry/polygon.js';
import type { Shaper } from '../lettering/shaper.js';
import { openingPolygons } from './opening-fit.js';

/** What is being dragged. A file from the desktop counts as a photo until it has been read. */
export type Carried =
  | { readonly what: 'photo' | 'file' | 'artwork' }
  /** An item of the sheet that is moved. */
  | { readonly what: 'item'; readonly item: Opening }
  /** The photo of an opening, moved beyond it. */
  | { readonly what: 'photo-of-opening'; readonly item: Opening };

/** Something that can be let go on: the only way in to what never swallows anything. */
export interface DropTarget {
  readonly act: 'replace' | 'put-inside' | 'swap' | 'move-here' | 'background' | 'lay-loose';
  /** What the target lies on; null for the sheet's background. */
  readonly opening: Opening | null;
}

/** What letting go at a place does, and the target that is offered there besides. */
export interface Acceptance {
  /** `move` moves the carried item, `keep` leaves what is carried where it is. */
  readonly act: 'fill' | 'replace' | 'lay' | 'move' | 'keep';
  /** The opening that takes the photo, for fill and replace. */
  readonly opening: Opening | null;
  readonly target: DropTarget | null;
}

/** Letters smaller than this share of the sheet's shorter side are read, not looked into: photos pass through them. */
const LEAST_LETTER = 0.06;

/**
 * What accepts what at a point (px of the sheet). Empty openings and slots take a photo at once, filled shaped openings as a replacement.
 * Loose pictures, artwork, whatever fills the whole sheet, and the background never do: what is let go over them lies on top, and only a
 * target of their own lets it in. Artwork lets photos through to what lies below. A moved item is never absorbed. Locked and hidden items are
 * not there.
 */
export function acceptAt(carried: Carried, looked: LookedAt, at: Point, shaper: Shaper): Acceptance {
  const { sheet } = looked;
  const hits = openingsAt(looked, at, shaper, { reach: 0 });
  switch (carried.what) {
    case 'photo':
    case 'file':
      return takePhoto(hits, sheet, at, shaper);
    case 'artwork':
      return { act: 'lay', opening: null, target: null };
    case 'item':
      return { act: 'move', opening: null, target: putInside(carried.item, hits, sheet) };
    case 'photo-of-opening':
      return { act: 'keep', opening: null, target: otherPlace(carried.item, hits, sheet) };
  }
}

function takePhoto(hits: readonly Opening[], sheet: Sheet, at: Point, shaper: Shaper): Acceptance {
  let over: Opening | null = null;
  for (const opening of hits) {
    if (opening.kind === 'artwork') {
      over ??= opening;
      continue;
    }
    if (opening.outline.type === 'lettering' && !showsPhotos(opening, sheet, at, shaper)) continue;
    if (opening.kind === 'loose' || isGround(opening, sheet)) {
      return { act: 'lay', opening: null, target: { act: 'replace', opening: over ?? opening } };
    }
    return { act: isFilled(opening) || opening.fill.type === 'sheet' ? 'replace' : 'fill', opening, target: null };
  }
  const target: DropTarget = over ? { act: 'replace', opening: over } : { act: 'background', opening: null };
  return { act: 'lay', opening: null, target: over || isOnSheet(at, sheet) ? target : null };
}

/** Only pictures can be put inside, and only where a photo can be. */
function putInside(item: Opening, hits: readonly Opening[], sheet: Sheet): DropTarget | null {
  if (item.kind === 'shaped' || item.fill.type !== 'photo') return null;
  const opening = hits.find((hit) => hit.id !== item.id && hit.kind === 'shaped' && !isGround(hit, sheet));
  return opening ? { act: 'put-inside', opening } : null;
}

/** Where else the photo of an opening can go. */
function otherPlace(source: Opening, hits: readonly Opening[], sheet: Sheet): DropTarget | null {
  const first = hits.find((hit) => hit.id === source.id || (hit.kind !== 'artwork' && !isGround(hit, sheet)));
  // Over its own opening a photo is only moved.
  if (first?.id === source.id) return null;
  if (first) return { act: isFilled(first) ? 'swap' : 'move-here', opening: first };
  return source.kind === 'loose' ? null : { act: 'lay-loose', opening: null };
}

/** Whether it shows a photo that is not only a sample. */
function isFilled({ fill, slot }: Opening): boolean {
  return fill.type === 'photo' && !slot?.sample;
}

/** Something that lies under all of the sheet as its ground: a drop anywhere on it is not meant for it. */
export function isGround({ kind, slot, outline, box, fill }: Opening, sheet: Sheet): boolean {
  if (kind !== 'shaped' || slot?.sample || fill.type === 'none' || outline.type !== 'rectangle') return false;
  const { x, y, width, height } = boxBounds(box);
  const [dx, dy] = [sheet.width * 0.01, sheet.height * 0.01];
  return box.turn % 90 === 0 && x <= dx && y <= dy && x + width >= sheet.width - dx && y + height >= sheet.height - dy;
}

/** Whether the point is on a letter, and the letters are large enough to show a photo. */
function showsPhotos({ outline, box, ...rest }: Opening, sheet: Sheet, at: Point, shaper: Shaper): boolean {
  if (outline.type !== 'lettering') return true;
  const size = Math.max(...outline.runs.map((run) => run.size), 0);
  if (size < LEAST_LETTER * Math.min(sheet.width, sheet.height)) return false;
  return contains(openingPolygons({ outline, box, ...rest }, shaper), apply(invert(boxMatrix(box)), at));
}

function isOnSheet({ x, y }: Point, sheet: Sheet): boolean {
  return x >= 0 && y >= 0 && x <= sheet.width && y <= sheet.height;
}
