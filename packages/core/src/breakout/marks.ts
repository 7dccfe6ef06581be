import { apply, type Matrix, type Point } from '../geometry/matrix.js';
import { partAt, type Parts } from './parts.js';

/** What was said of a part, by a point that lay on it then. */
export interface Mark {
  readonly at: Point;
  readonly value: boolean;
}

export interface MarkedParts {
  /** What is said of each part that has a mark, by its label. */
  readonly said: ReadonlyMap<number, boolean>;
  /** Marks that hit nothing. */
  readonly lost: number;
}

interface Votes {
  readonly yes: number;
  readonly no: number;
  readonly last: boolean;
  /** How far the marks were from the part: 0 for those that lie on it. */
  readonly distance: number;
}

/**
 * Finds the parts that marks mean. Of the marks that lie on a part most decide, the last one where they are even; where none does, the
 * one that was led there from nearest.
 * @param toPlane - px of the marks to px of the parts' plane.
 * @param through - pixels through which a mark that lies on no part may be led to one.
 * @param reach - how far a mark may lie from its part otherwise, px.
 */
export function markedParts(
  parts: Parts,
  marks: readonly Mark[],
  toPlane: Matrix,
  through: Uint8Array,
  reach: number,
): MarkedParts {
  const votes = new Map<number, Votes>();
  let lost = 0;
  for (const { at, value } of marks) {
    const { x, y } = apply(toPlane, at);
    const found = partAt(parts, x, y, through, reach);
    if (found) votes.set(found.label, voted(votes.get(found.label), value, found.distance));
    else lost++;
  }
  const decide = ({ yes, no, last }: Votes): boolean => yes > no || (yes === no && last);
  return { said: new Map(Array.from(votes, ([label, count]) => [label, decide(count)])), lost };
}

function voted(votes: Votes | undefined, value: boolean, distance: number): Votes {
  if (votes && votes.distance < distance) return votes;
  const before = votes?.distance === distance ? votes : { yes: 0, no: 0 };
  return { yes: before.yes + Number(value), no: before.no + Number(!value), last: value, distance };
}
