import { isBackground } from '../document/background.js';
import type { Edit, Place } from '../document/edit.js';
import type { LiteralColour, Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { frontOf, insertInFront, insertItem, placeBefore, placeOf } from '../document/make-edit.js';
import { insertedAt } from '../kinds/operations/item-tree.js';
import { newId } from '../document/new-id.js';
import type { Photo, Sheet } from '../document/project.js';
import type { Bounds } from '../geometry/bounds.js';
import { boxBounds, boxMatrix } from '../geometry/box.js';
import { apply, multiply, type Point } from '../geometry/matrix.js';
import type { Shaper } from '../lettering/shaper.js';
import { placementMatrix } from './placement.js';
import { joinRegister, placementInBox } from './register.js';

/** How windows are scattered. */
export interface ScatterOptions {
  /** Places in the photo that are worth a window, px of the photo, the strongest first. */
  readonly places: readonly Point[];
  /** Over the photo, under the windows. */
  readonly veil: { readonly colour: LiteralColour; readonly strength: number };
  /** The same number gives the same turns. @default 1 */
  readonly seed?: number;
}

/** Sizes as shares of the width of a print: an instant print has a thick foot. */
const RIM = { top: 0.07, right: 0.07, bottom: 0.24, left: 0.07, colour: '#fbf8f1' } as const;
const PRINT_HEIGHT = 1.2;
/** Prints of five take up this share of the shorter side. */
const FIVE = 0.34;
/** So many degrees a print turns at most. */
const MOST_TURN = 11;
/** So much of a print may lie under others. */
const OVERLAP = 0.12;

/**
 * Scatters turned windows, with the rim of an instant print, over the subjects of a photo, all in register with it, and lays a veil between
 * them and the photo. Each window, and the veil, is an opening like any other afterwards.
 * @param host - the opening whose photo it is, or the background.
 * @returns the edit and the ids of the windows; null without a photo or places.
 */
export function scatterWindows(
  sheet: Sheet,
  host: Opening,
  options: ScatterOptions,
  photos: Readonly<Record<string, Photo>>,
  shaper: Shaper,
): { readonly edit: Edit; readonly ids: readonly string[] } | null {
  const { fill } = host;
  const photo = fill.type === 'photo' ? photos[fill.photoId] : undefined;
  if (fill.type !== 'photo' || !photo || options.places.length === 0) return null;
  const ground = host.box;
  const placement = placementInBox(fill, ground, sheet);
  if (!placement) return null;
  const area = isBackground(host) ? { x: 0, y: 0, width: sheet.width, height: sheet.height } : boxBounds(host.box);
  const windows = printsAt(placesOnSheet(options.places, photo, placement, ground), area, options.seed ?? 1);
  const veil = veilOver(host, options.veil);
  // The veil lies directly on its host, or on everything where the host lies in a group.
  const isInGroup = placeOf(sheet, host.id).groupId !== null;
  const place: Place = isInGroup ? frontOf(sheet) : placeBefore(sheet, host.id);
  const veiled = { ...sheet, items: insertedAt(sheet.items, place, veil) };
  const items = [...veiled.items, ...windows];
  const inserts = [...insertItem(sheet, veil, '', place).operations, ...insertInFront(sheet, frontOf(veiled), windows)];
  const join = joinRegister({ ...sheet, items }, windows, host, photos, shaper);
  return {
    edit: { name: `Scatter ${windows.length} windows over ${photo.name}`, operations: [...inserts, ...join.operations] },
    ids: windows.map(({ id }) => id),
  };
}

function placesOnSheet(places: readonly Point[], photo: Photo, placement: Placement, ground: Opening['box']): Point[] {
  const toSheet = multiply(boxMatrix(ground), placementMatrix(placement, photo));
  return places.map((place) => apply(toSheet, place));
}

function veilOver({ outline, box }: Opening, { colour, strength }: ScatterOptions['veil']): Opening {
  return {
    type: 'opening',
    id: newId('item'),
    name: 'Veil',
    kind: 'artwork',
    outline,
    box,
    fill: { type: 'colour', colour },
    finish: { opacity: strength },
  };
}

/** Prints whose pictures lie about places, pushed apart and kept inside the area. */
function printsAt(places: readonly Point[], area: Bounds, seed: number): Opening[] {
  const random = numbers(seed);
  const width = Math.min(area.width, area.height) * FIVE * Math.min(1.3, Math.sqrt(5 / places.length));
  const height = width * PRINT_HEIGHT;
  const turns = places.map((_, index) => (index % 2 === 0 ? -1 : 1) * (2 + random() * (MOST_TURN - 2)));
  // The middle of the picture, not of the print, lies on the subject.
  const down = ((RIM.bottom - RIM.top) / 2) * width;
  const middles = apart(
    places.map(({ x, y }) => ({ x, y: y + down })),
    { width, height },
    area,
  );
  return middles.map(({ x, y }, index) => ({
    type: 'opening',
    id: newId('item'),
    name: `Print ${index + 1}`,
    kind: 'shaped',
    outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
    box: { x: x - width / 2, y: y - height / 2, width, height, turn: Math.round(turns[index]! * 10) / 10 },
    fill: { type: 'none' },
    finish: {
      rim: {
        top: RIM.top * width,
        right: RIM.right * width,
        bottom: RIM.bottom * width,
        left: RIM.left * width,
        colour: RIM.colour,
      },
      shadow: { distance: width * 0.025, blur: width * 0.06, strength: 0.35 },
    },
  }));
}

/** Middles moved as little as it takes that boxes of a size overlap only a little and lie inside an area. */
function apart(middles: readonly Point[], size: { readonly width: number; readonly height: number }, area: Bounds): Point[] {
  const moved = middles.map((p) => ({ ...p }));
  const [halfX, halfY] = [size.width * 0.61, size.height * 0.575];
  const [nearX, nearY] = [size.width * (1 - OVERLAP), size.height * (1 - OVERLAP)];
  for (let round = 0; round < 200; round++) {
    let isStill = true;
    for (const [i, a] of moved.entries()) {
      for (const b of moved.slice(i + 1)) {
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const [overX, overY] = [nearX - Math.abs(dx), nearY - Math.abs(dy)];
        if (overX <= 0 || overY <= 0) continue;
        isStill = false;
        const axis = overX < overY ? 'x' : 'y';
        const by = ((axis === 'x' ? overX : overY) / 2) * ((axis === 'x' ? dx : dy) < 0 ? -1 : 1);
        a[axis] -= by;
        b[axis] += by;
      }
    }
    for (const p of moved) {
      p.x = Math.min(Math.max(p.x, area.x + halfX), Math.max(area.x + halfX, area.x + area.width - halfX));
      p.y = Math.min(Math.max(p.y, area.y + halfY), Math.max(area.y + halfY, area.y + area.height - halfY));
    }
    if (isStill) break;
  }
  return moved;
}

/** Numbers from 0 to 1 that look accidental and are always the same (mulberry32). */
function numbers(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
