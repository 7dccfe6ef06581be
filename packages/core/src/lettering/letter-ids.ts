import type { LetteringRun } from '../kinds/outlines/lettering.js';
import { newId } from '../document/new-id.js';

let segmenter: Intl.Segmenter | undefined;

/** The letters of a text as people count them (grapheme clusters, Unicode annex 29), with where each begins (UTF-16). */
export function lettersOf(text: string): { readonly letter: string; readonly start: number }[] {
  segmenter ??= new Intl.Segmenter('en', { granularity: 'grapheme' });
  return Array.from(segmenter.segment(text), ({ segment, index }) => ({ letter: segment, start: index }));
}

/** A new id for each letter of a text. */
export function newLetterIds(text: string): string[] {
  return lettersOf(text).map(() => newId('letter'));
}

/**
 * The run with another text. Letters that stay keep their ids, so that what refers to them still holds: those before and
 * those after the place where the texts differ. Of what was replaced in between, a letter keeps its id where the same
 * letter stands at the same distance from the start of the change.
 */
export function withText(run: LetteringRun, text: string): LetteringRun {
  const [before, after] = [lettersOf(run.text), lettersOf(text)];
  const ids = run.letterIds.length === before.length ? run.letterIds : newLetterIds(run.text);
  let head = 0;
  while (head < Math.min(before.length, after.length) && before[head]!.letter === after[head]!.letter) head++;
  let tail = 0;
  const most = Math.min(before.length, after.length) - head;
  while (tail < most && before[before.length - 1 - tail]!.letter === after[after.length - 1 - tail]!.letter) tail++;
  const middle = after.slice(head, after.length - tail).map(({ letter }, index) => {
    const same = head + index < before.length - tail && before[head + index]!.letter === letter;
    return same ? ids[head + index]! : newId('letter');
  });
  return { ...run, text, letterIds: [...ids.slice(0, head), ...middle, ...ids.slice(ids.length - tail)] };
}
