import type { LetteringRun } from '../kinds/outlines/lettering.js';
import { lettersOf } from './letter-ids.js';

/** Text in another case, and for each of its UTF-16 units where its letter begins in the text before. */
export interface CasedText {
  readonly text: string;
  readonly origin: readonly number[];
}

/** Shows text in capitals or small letters; the text itself stays as it was typed. One letter may become two. */
export function inCase(text: string, letterCase: LetteringRun['letterCase']): CasedText {
  const origin: number[] = [];
  let shown = '';
  for (const { letter, start } of lettersOf(text)) {
    const cased = letterCase === 'upper' ? letter.toUpperCase() : letterCase === 'lower' ? letter.toLowerCase() : letter;
    const changed = cased.length !== letter.length;
    for (let i = 0; i < cased.length; i++) origin.push(start + (changed ? 0 : i));
    shown += cased;
  }
  return { text: shown, origin };
}
