import type { Sides } from '../document/finish.js';
import type { Overhangs } from '../document/item.js';
import { newPlane, type Plane } from '../finish/plane.js';
import { apply, invert, type Matrix, type Point } from '../geometry/matrix.js';
import { wallsOf } from './cut-line.js';
import { grow } from './grow.js';
import { markedParts } from './marks.js';
import { divide, middlesIn, pixelsOfParts, type Parts } from './parts.js';

/** From this coverage on a pixel counts as subject, of 255. */
const SUBJECT = 8;
/** How much longer the way through a slanting neck may be than the border is deep. */
const SLANT = 2.5;
/** Smaller fragments go with the nearest piece, as a share of the sheet. */
const FRAGMENT = 0.0005;

/** What is looked at: planes at working size. */
export interface OverhangInput {
  /** The matte of the subject. */
  readonly subject: Plane;
  /** The inside of the outline, or of all outlines that share the placement. */
  readonly inside: Plane;
  /** Px of the planes to px of the photo. */
  readonly toPhoto: Matrix;
  /** Px of the planes to shares of the opening's box, 0..1. */
  readonly toBox: Matrix;
  /** Px that the whole sheet has at working size. */
  readonly sheetArea: number;
  readonly overhangs: Overhangs;
}

/** A connected part of the subject outside of the opening. */
export interface Piece {
  readonly label: number;
  readonly area: number;
  /** The side of the opening by which it leaves. */
  readonly side: keyof Sides<boolean>;
  readonly out: boolean;
  /** Whether a mark says so; otherwise the side does. */
  readonly marked: boolean;
}

export interface OverhangPieces {
  readonly parts: Parts;
  readonly pieces: readonly Piece[];
  /** Marks that hit no piece. */
  readonly lost: number;
  /** Px of the planes to px of the photo. */
  readonly toPhoto: Matrix;
}

/** Finds the pieces of an overhang and what is said of each. */
export function overhangPieces(input: OverhangInput): OverhangPieces {
  const { subject, inside, overhangs, toPhoto, toBox } = input;
  const { width, height } = subject;
  const isSubject = new Uint8Array(subject.data.length);
  const outside = new Uint8Array(subject.data.length);
  const [matte, within] = [subject.data, inside.data];
  for (let i = 0; i < isSubject.length; i++) {
    if (matte[i]! < SUBJECT) continue;
    isSubject[i] = 1;
    if (within[i]! < 128) outside[i] = 1;
  }
  const toPlane = invert(toPhoto);
  const cuts = overhangs.cuts.map((line) => line.map((p) => apply(toPlane, p)));
  const walls = cuts.length > 0 ? wallsOf(cuts, width, height) : null;
  const parts = divide(outside, width, height, walls, Math.max(4, input.sheetArea * FRAGMENT));
  const reach = Math.max(6, 0.015 * Math.max(width, height));
  const marks = overhangs.pieces.map(({ at, out }) => ({ at, value: out }));
  const { said, lost } = markedParts(parts, marks, toPlane, isSubject, reach);
  const sides = sidesOf(parts, inside, toBox);
  const pieces = parts.parts.map(({ label, area }): Piece => {
    const side = sides.get(label)!;
    return { label, area, side, out: said.get(label) ?? overhangs.sides[side], marked: said.has(label) };
  });
  return { parts, pieces, lost, toPhoto };
}

/**
 * For each piece, by its label, the points to mark it by, px of the photo: the deepest first. Marks at all of them find the piece again
 * when photo or opening are changed.
 */
export function piecePoints({ parts, toPhoto }: OverhangPieces): ReadonlyMap<number, readonly Point[]> {
  return middlesIn(pixelsOfParts(parts), toPhoto);
}

/** The side by which each piece leaves: where it touches the inside, else where it lies. */
function sidesOf({ labels, width, height, parts }: Parts, inside: Plane, toBox: Matrix): Map<number, keyof Sides<boolean>> {
  // For each label x, y and count of its pixels, first of all and then of those that touch the inside.
  const sums = new Float64Array((Math.max(0, ...parts.map(({ label }) => label)) + 1) * 6);
  const { data } = inside;
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const label = labels[i]!;
      if (label === 0) continue;
      add(sums, label * 6, x, y);
      const touches =
        (x > 0 && data[i - 1]! >= 128) ||
        (x < width - 1 && data[i + 1]! >= 128) ||
        (y > 0 && data[i - width]! >= 128) ||
        (y < height - 1 && data[i + width]! >= 128);
      if (touches) add(sums, label * 6 + 3, x, y);
    }
  }
  return new Map(
    parts.map(({ label }) => {
      const at = sums[label * 6 + 5]! > 0 ? label * 6 + 3 : label * 6;
      const p = apply(toBox, { x: sums[at]! / sums[at + 2]!, y: sums[at + 1]! / sums[at + 2]! });
      const [dx, dy] = [p.x - 0.5, p.y - 0.5];
      const side = Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 'right' : 'left') : dy > 0 ? 'bottom' : 'top';
      return [label, side] as const;
    }),
  );
}

function add(sums: Float64Array, at: number, x: number, y: number): void {
  sums[at]! += x + 0.5;
  sums[at + 1]! += y + 0.5;
  sums[at + 2]!++;
}

/**
 * Where the pieces that are out are drawn: on themselves, a little around, and inwards along the subject through the finish band, so
 * that a border never cuts across a neck. Beyond the band it fades, since a shade from another side may still lie there. 0 to 255
 * for each pixel of the planes.
 * @param band - depth of outline, rim and inner shade inside the opening, px of the planes.
 * @param fade - px over which it fades behind the band.
 */
export function overhangMask(
  { parts, pieces }: OverhangPieces,
  subject: Plane,
  inside: Plane,
  band: number,
  fade: number,
): Plane {
  const { width, height, labels } = parts;
  const out = new Set(pieces.filter((piece) => piece.out).map(({ label }) => label));
  if (out.size === 0) return newPlane(width, height);
  const values = new Int32Array(labels.length);
  for (let i = 0; i < values.length; i++) if (labels[i] !== 0) values[i] = out.has(labels[i]!) ? 1 : 2;
  const isSubject = (i: number): boolean => subject.data[i]! >= SUBJECT;
  const depths = depthsIn(inside, band + fade);
  // A slanting neck meets the border aslant: it is followed as deep as the border goes, which may be a longer way than straight inwards.
  const distances = grow(values, width, height, SLANT * Math.max(band + fade, 0) + 2, (i, distance) =>
    inside.data[i]! >= 128 ? depths[i]! <= band + fade + 1 && isSubject(i) : distance <= 3,
  );
  const data = new Uint8Array(values.length);
  for (let i = 0; i < data.length; i++) {
    if (values[i] !== 1) continue;
    const depth = inside.data[i]! >= 128 ? Math.min(distances[i]!, depths[i]!) : 0;
    data[i] = depth <= band || fade === 0 ? 255 : 255 * Math.max(0, 1 - (depth - band) / fade);
  }
  return { width, height, data };
}

const depthsOf = new WeakMap<Plane, { readonly most: number; readonly depths: Float32Array }>();

/** How deep each px lies inside of the outline, px; Infinity where that is more than `most`. Kept with the plane: it is asked again for every change. */
function depthsIn(inside: Plane, most: number): Float32Array {
  const known = depthsOf.get(inside);
  if (known?.most === most) return known.depths;
  const depths = measuredDepths(inside, most);
  depthsOf.set(inside, { most, depths });
  return depths;
}

function measuredDepths({ width, height, data }: Plane, most: number): Float32Array {
  const outside = new Int32Array(data.length);
  for (let i = 0; i < data.length; i++) if (data[i]! < 128) outside[i] = 1;
  // Steps make distances up to 12 % too long; a little too deep shows the same pixels.
  const depths = grow(outside, width, height, 1.12 * Math.max(most, 0) + 3);
  for (let i = 0; i < depths.length; i++) depths[i]! /= 1.12;
  return depths;
}
