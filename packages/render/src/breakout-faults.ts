import type { Crossing, Point, Sheet } from '@kadrosyn/core';
import type { CrossingSurvey, OverhangSurvey } from './survey.js';

/** What would look wrong about a break-out or a crossing. Lengths and places in px of the sheet. */
export type BreakoutFault =
  /** Over turns to under in the middle of things. Null for the overhang; the number of its cut line, or what was painted. */
  | {
      readonly kind: 'hard-cut';
      readonly crossing: Crossing | null;
      readonly cut: number | 'painted';
      readonly length: number;
      readonly at: Point;
    }
  /** A piece that is out ends where the camera cut it off. Pieces are counted from 0. */
  | { readonly kind: 'at-border'; readonly piece: number; readonly length: number; readonly at: Point }
  /** A piece that is out runs off the sheet. */
  | { readonly kind: 'off-sheet'; readonly piece: number; readonly length: number; readonly at: Point }
  | {
      readonly kind: 'small-crossing';
      readonly crossing: Crossing;
      readonly label: number;
      readonly side: number;
      readonly at: Point;
    }
  /** The subject lies under so much of the opening's edge, 0 to 1, that nothing is seen to break it. */
  | { readonly kind: 'no-background'; readonly share: number; readonly at: null };

/** Shorter ends at a border are the width of a hair, as a share of the sheet's longer side. */
const SHORT_END = 0.008;
/** A smaller crossing looks like a slip, as a share of the sheet. */
const SMALL = 0.0003;
/** From this share of the edge on nothing of the ground is seen at it. */
const COVERED = 0.92;

/** All that would look wrong about what was found of an item, the worst first. */
export function breakoutFaults(
  overhang: OverhangSurvey | null,
  crossings: readonly CrossingSurvey[],
  sheet: Pick<Sheet, 'width' | 'height'>,
): BreakoutFault[] {
  const short = SHORT_END * Math.max(sheet.width, sheet.height);
  const small = SMALL * sheet.width * sheet.height;
  const faults: BreakoutFault[] = [];
  const hard = (crossing: Crossing | null, cuts: OverhangSurvey['cuts'], lines: number): void => {
    for (const [index, { length, at }] of cuts.entries()) {
      const cut = index < lines ? index : 'painted';
      if (at && length >= 1) faults.push({ kind: 'hard-cut', crossing, cut, length, at });
    }
  };
  if (overhang) hard(null, overhang.cuts, overhang.cuts.length);
  for (const { crossing, cuts } of crossings) hard(crossing, cuts, crossing.cuts.length);
  for (const [piece, { out, atBorder, offSheet, at }] of (overhang?.pieces ?? []).entries()) {
    if (out && atBorder >= short) faults.push({ kind: 'at-border', piece, length: atBorder, at });
    else if (out && offSheet >= short) faults.push({ kind: 'off-sheet', piece, length: offSheet, at });
  }
  for (const { crossing, regions } of crossings) {
    for (const { label, area, at } of regions) {
      if (area < small) faults.push({ kind: 'small-crossing', crossing, label, side: Math.sqrt(area), at });
    }
  }
  if (overhang && overhang.edgeCovered >= COVERED) faults.push({ kind: 'no-background', share: overhang.edgeCovered, at: null });
  return faults;
}
