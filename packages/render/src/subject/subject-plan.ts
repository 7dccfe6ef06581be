import {
  alphaOf,
  boxMatrix,
  chain,
  contactReach,
  contactShadow,
  cutoutFill,
  filledBounds,
  finishBand,
  insideReach,
  intersect,
  invert,
  KEPT_IN,
  meanScale,
  multiply,
  openingsOf,
  overhangMask,
  overhangPieces,
  samplePlane,
  scaling,
  toWholePixels,
  transformBounds,
  translation,
  type Bounds,
  type Matrix,
  type Opening,
  type OverhangPieces,
  type PhotoFill,
  type Pixels,
  type Plane,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { newLayer, takenAlpha, type Drawing } from '../canvas/drawing.js';
import { coverPath } from '../fill/ink.js';
import { Memo, ObjectMemo } from '../kept/memo.js';
import { once } from '../kept/once.js';
import { partPath } from '../outline/outline-paths.js';
import { levelMatrix, photoToSheet, subjectLevel } from '../photo/photo-pixels.js';
import { workingScale } from './working-size.js';

/** What is known of an opening's subject at working size. */
export interface SubjectPlan {
  readonly fill: PhotoFill;
  readonly overhang: OverhangPieces;
  /** The matte, and the inside of the opening or of all that share its photo. */
  readonly subject: Plane;
  readonly inside: Plane;
  /** Where the pieces that are out are drawn. */
  readonly mask: Plane;
  /** Where the subject is seen when it is shown whole: on its pieces that are out, and inside. */
  readonly shown: () => Plane;
  /** The dark under its feet; null where there is none. `toContact` maps px of the sheet to px of it. */
  readonly contact: () => { readonly plane: Plane; readonly toContact: Matrix } | null;
  /** What the overhang covers, and what all of the subject covers where it is shown whole. Only crossings ask. */
  readonly tongueCover: () => Plane;
  readonly wholeCover: () => Plane;
  /** Px of the sheet to px of the planes. */
  readonly toPlane: Matrix;
  /** The subject's extent on the sheet, px of the sheet. */
  readonly extent: Bounds;
  readonly hasTongue: boolean;
}

const plans = new ObjectMemo<SubjectPlan | null>('subject plans');

/** Pieces and mask of an opening's subject; null without a cutout at hand. Kept until opening, windows or level change. */
export function subjectPlan(opening: Opening, drawing: Drawing): SubjectPlan | null {
  const fill = cutoutFill(opening);
  const toSheet = fill && photoToSheet(opening, fill, drawing);
  if (!fill || !toSheet) return null;
  const scale = workingScale(drawing);
  const level = subjectLevel(fill, meanScale(toSheet) * scale, drawing);
  if (!level) return null;
  const windows = windowsOf(opening, fill, drawing.sheet);
  const { a, b, e, f } = toSheet;
  const inputs = { scale, level: level.pixels, placement: [a, b, e, f], windows };
  const make = (): SubjectPlan | null => makePlan(opening, fill, toSheet, windows, drawing);
  return plans.keep({ owner: opening, name: opening.id }, inputs, make, drawing.resources.trace);
}

/** The openings through which one placed photo is seen: the opening alone, or all that share its placement. */
export function windowsOf(opening: Opening, fill: PhotoFill, sheet: ResolvedSheet): readonly Opening[] {
  if (typeof fill.placement !== 'string') return [opening];
  return [...openingsOf(sheet.items)].filter(
    (other) =>
      !other.hidden &&
      other.fill.type === 'photo' &&
      other.fill.placement === fill.placement &&
      other.fill.photoId === fill.photoId,
  );
}

function makePlan(
  opening: Opening,
  fill: PhotoFill,
  toSheet: Matrix,
  windows: readonly Opening[],
  drawing: Drawing,
): SubjectPlan | null {
  const scale = workingScale(drawing);
  const photo = drawing.resources.photos[fill.photoId]!;
  const { width, height } = drawing.sheet;
  const level = subjectLevel(fill, meanScale(toSheet) * scale, drawing)!;
  const filled = matteOf(level.pixels).filled;
  if (filled.width === 0) return null;
  // Sampling mixes with the px beside.
  const around = { x: filled.x - 1, y: filled.y - 1, width: filled.width + 2, height: filled.height + 2 };
  const extent = intersect(transformBounds(multiply(toSheet, levelMatrix(level)), around), { x: 0, y: 0, width, height });
  if (!extent) return null;
  const area = toWholePixels(transformBounds(scaling(scale), extent), 2);
  const toPlane = multiply(translation(-area.x, -area.y), scaling(scale));
  const toLevel = invert(chain(toPlane, toSheet, levelMatrix(level)));
  const subject = samplePlane(matteOf(level.pixels).matte, toLevel, area.width, area.height);
  cutAway(subject, toPlane, toSheet, photo);
  const inside = keptInside(opening, windows, toPlane, area, drawing);
  const { box, finish } = opening;
  const toBox = multiply(scaling(1 / box.width, 1 / box.height), invert(multiply(toPlane, boxMatrix(box))));
  const toPhoto = invert(multiply(toPlane, toSheet));
  const overhangs = opening.overhangs ?? KEPT_IN;
  const overhang = overhangPieces({ subject, inside, toPhoto, toBox, overhangs, sheetArea: width * height * scale * scale });
  const finishes = [finish, ...windows.map((window) => window.finish)];
  const band = Math.max(...finishes.map(finishBand)) * scale;
  const fade = 2 * Math.max(...finishes.map(insideReach)) * scale;
  const { contact: wanted } = overhangs;
  const hasTongue = wanted !== undefined || overhang.pieces.some(({ out }) => out);
  const mask = overhangMask(overhang, subject, inside, band + 1.5, fade);
  const shown = once(() => higher(mask, inside));
  const tongueCover = once(() => covered(subject, mask));
  const wholeCover = once(() => covered(subject, shown()));
  const contact = once(() => {
    if (!wanted) return null;
    const room = Math.ceil(contactReach(wanted.blur * scale));
    const plane = contactShadow(wholeCover(), wanted.blur * scale, room);
    return { plane, toContact: multiply(translation(room, room), toPlane) };
  });
  return { fill, overhang, contact, subject, inside, mask, shown, tongueCover, wholeCover, toPlane, extent, hasTongue };
}

/** The higher of two planes, px by px. */
function higher(one: Plane, other: Plane): Plane {
  const data = one.data.slice();
  for (let i = 0; i < data.length; i++) if (other.data[i]! > data[i]!) data[i] = other.data[i]!;
  return { ...one, data };
}

function covered(subject: Plane, share: Plane): Plane {
  const data = new Uint8Array(subject.data.length);
  const [matte, shares] = [subject.data, share.data];
  for (let i = 0; i < data.length; i++) if (matte[i] !== 0 && shares[i] !== 0) data[i] = (matte[i]! * shares[i]!) / 255;
  return { ...subject, data };
}

interface Matte {
  readonly matte: Plane;
  /** Where there is any subject. */
  readonly filled: Bounds;
}

const mattes = new WeakMap<Pixels, Matte>();

function matteOf(pixels: Pixels): Matte {
  const known = mattes.get(pixels);
  if (known) return known;
  const matte = alphaOf(pixels);
  const read = { matte, filled: filledBounds(matte) };
  mattes.set(pixels, read);
  return read;
}

/** Sampling repeats the edge of a photo; beyond it there is no subject. */
function cutAway(subject: Plane, toPlane: Matrix, toSheet: Matrix, photo: { width: number; height: number }): void {
  const { a, b, c, d, e, f } = invert(multiply(toPlane, toSheet));
  for (let y = 0, i = 0; y < subject.height; y++) {
    for (let x = 0; x < subject.width; x++, i++) {
      if (subject.data[i] === 0) continue;
      const u = a * (x + 0.5) + c * (y + 0.5) + e;
      const v = b * (x + 0.5) + d * (y + 0.5) + f;
      if (u < 0 || v < 0 || u > photo.width || v > photo.height) subject.data[i] = 0;
    }
  }
}

/** Bytes of insides that are kept: several at working size. */
const INSIDE_BUDGET = 16 * 2 ** 20;
const insides = new Memo('covers', INSIDE_BUDGET);

/** The inside of an opening as it was made last, as long as the windows stay where they are. */
function keptInside(opening: Opening, windows: readonly Opening[], toPlane: Matrix, area: Bounds, drawing: Drawing): Plane {
  const { shaper, trace, draft } = drawing.resources;
  const inputs = {
    windows: windows.flatMap(({ outline, box }) => [outline, box]),
    view: [toPlane.a, toPlane.e, toPlane.f],
    size: [area.width, area.height],
    letters: shaper.version,
  };
  const make = (): Plane => insideOf(windows, toPlane, area, drawing);
  return insides.keep(
    `${opening.id} inside${draft ? ' in frames of a drag' : ''}`,
    inputs,
    make,
    ({ data }) => data.byteLength,
    trace,
  );
}

/** Coverage of the union of the windows. `bounds` is the place of the plane's px. */
export function insideOf(windows: readonly Opening[], view: Matrix, bounds: Bounds, drawing: Drawing): Plane {
  const at = { x: 0, y: 0, width: bounds.width, height: bounds.height };
  const layer = newLayer(at, drawing.resources);
  const onPlane: Drawing = { ...drawing, view, clip: at };
  for (const window of windows) {
    coverPath(layer, window, partPath(window, undefined, drawing.resources.shaper).path, onPlane);
  }
  return takenAlpha(layer, drawing.resources);
}
