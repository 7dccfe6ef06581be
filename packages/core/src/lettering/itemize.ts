import bidiFactory, { type Bidi } from 'bidi-js';

/** A stretch of a line that is shaped at once: one run, one font file, one direction. */
export interface Piece {
  /** UTF-16 units of the line. */
  readonly start: number;
  readonly end: number;
  readonly run: number;
  readonly file: number;
  readonly rightToLeft: boolean;
  /** Whether the file has its letters. */
  readonly covered: boolean;
  /** Its letters join (Arabic and its kin), so that they can not be tracked. */
  readonly joins: boolean;
}

const JOINING = /[\p{Script=Arabic}\p{Script=Syriac}\p{Script=Mongolian}\p{Script=Nko}\p{Script=Devanagari}]/u;
/** Marks and joiners go with the letter before them. */
const EXTENDS = /\p{Mark}|\u200c|\u200d|\ufe0e|\ufe0f/u;
/** Said by any file, so that a space does not change the font. */
const NEUTRAL = /[\s\p{Punctuation}\p{Symbol}]/u;

// The package's types describe its module form; Node loads the other one, whose only export is the function itself.
const bidi = (bidiFactory as unknown as () => Bidi)();

/**
 * Cuts a line into pieces and puts them in the order in which they are seen from left to right (Unicode annex 9, through bidi-js). The line's
 * own direction is that of its first letter that has one.
 * @param lengths - UTF-16 units of each run.
 * @param files - for each run, the code points that its files have, in the order in which they are asked.
 */
export function itemize(text: string, lengths: readonly number[], files: readonly (readonly ReadonlySet<number>[])[]): Piece[] {
  const levels = bidi.getEmbeddingLevels(text, 'auto').levels;
  const pieces: (Piece & { readonly level: number })[] = [];
  let [run, runEnd] = [0, lengths[0] ?? 0];
  let start = 0;
  for (const character of text) {
    while (start >= runEnd && run < lengths.length - 1) runEnd += lengths[++run]!;
    const last = pieces.at(-1);
    const follows = last?.run === run;
    const code = character.codePointAt(0)!;
    const found = files[run]!.findIndex((covers) => covers.has(code));
    const stays = follows && (EXTENDS.test(character) || (NEUTRAL.test(character) && files[run]![last.file]?.has(code)));
    const file = stays ? last.file : Math.max(found, 0);
    const covered = found >= 0 || stays === true;
    const level = stays && EXTENDS.test(character) ? last.level : levels[start]!;
    const joins = JOINING.test(character) || (stays === true && last.joins);
    const end = start + character.length;
    if (follows && last.file === file && last.level === level && last.covered === covered && last.joins === joins)
      pieces[pieces.length - 1] = { ...last, end };
    else pieces.push({ start, end, run, file, covered, joins, level, rightToLeft: level % 2 === 1 });
    start = end;
  }
  return inVisualOrder(pieces);
}

/** From the highest level down to the lowest odd one, everything at that level or above is turned round (rule L2). */
function inVisualOrder<T extends { readonly level: number }>(pieces: readonly T[]): T[] {
  const order = [...pieces];
  const highest = Math.max(0, ...order.map(({ level }) => level));
  for (let level = highest; level > 0; level--) {
    for (let i = 0; i < order.length; i++) {
      if (order[i]!.level < level) continue;
      let end = i;
      while (end < order.length && order[end]!.level >= level) end++;
      order.splice(i, end - i, ...order.slice(i, end).toReversed());
      i = end;
    }
  }
  return order;
}
