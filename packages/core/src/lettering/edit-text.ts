import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import { lettersOf, withText } from './letter-ids.js';
import { letteringText } from './lettering-path.js';

/**
 * The lettering with a stretch of its text replaced. Each run keeps its style; what is typed takes the style of the letter before it.
 * Letters that stay keep their ids. Runs that lose all their text go, except the last one.
 * @param from - where the stretch begins, UTF-16 units of the whole text; `to` is where it ends.
 */
export function replaceText(outline: LetteringOutline, from: number, to: number, text: string): LetteringOutline {
  let before = 0;
  let placed = false;
  const runs: LetteringRun[] = [];
  for (const [index, run] of outline.runs.entries()) {
    const start = before;
    const end = (before += run.text.length);
    const isLast = index === outline.runs.length - 1;
    const takes = !placed && (from <= end || isLast) && (from > start || index === 0 || from < end);
    const head = run.text.slice(0, Math.max(0, Math.min(run.text.length, from - start)));
    const tail = run.text.slice(Math.max(0, Math.min(run.text.length, to - start)));
    if (takes) placed = true;
    if (from > end || to < start) {
      runs.push(run);
      continue;
    }
    const next = withText(run, head + (takes ? text : '') + tail);
    if (next.text !== '' || takes) runs.push(next);
  }
  const filled = runs.filter((run) => run.text !== '');
  return { ...outline, runs: filled.length > 0 ? filled : [runs[0] ?? { ...outline.runs[0]!, text: '', letterIds: [] }] };
}

/** The whole text replaced, runs kept as far as they can be: the stretch that differs is what was typed. */
export function withWholeText(outline: LetteringOutline, text: string): LetteringOutline {
  const before = letteringText(outline);
  let head = 0;
  while (head < Math.min(before.length, text.length) && before[head] === text[head]) head++;
  let tail = 0;
  const most = Math.min(before.length, text.length) - head;
  while (tail < most && before[before.length - 1 - tail] === text[text.length - 1 - tail]) tail++;
  return replaceText(outline, head, before.length - tail, text.slice(head, text.length - tail));
}

/** Where letters begin, and the end: the places a caret can stand at. */
export function caretStops(text: string): number[] {
  return [...lettersOf(text).map(({ start }) => start), text.length];
}
