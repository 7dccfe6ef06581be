import { applyEdit, type Edit } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { indexOf, insertInFront, insertItem, listAround, placeOf, removeItem } from '../document/make-edit.js';
import { newId } from '../document/new-id.js';
import { shortenedText } from '../document/shortened-text.js';
import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import type { Project, Sheet } from '../document/project.js';
import { openingsOf } from '../document/find-item.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, IDENTITY, invert, multiply, translation } from '../geometry/matrix.js';
import { normalTurn } from './placement.js';
import { layOut, letterPlaces } from '../lettering/layout.js';
import { lettersOf } from '../lettering/letter-ids.js';
import { letteringText } from '../lettering/lettering-path.js';
import { setBoxByGrip, type GripContext } from './grip.js';

/**
 * Makes an opening of each letter. All show the photo where it was, and can then be filled and moved one by one. Letters along a circle stay
 * turned as they stand. Null for a text of fewer than two letters.
 */
export function splitWord(opening: Opening, context: GripContext): { readonly edit: Edit; readonly first: string } | null {
  const { outline } = opening;
  if (outline.type !== 'lettering') return null;
  const text = letteringText(outline);
  const places = letterPlaces(layOut(outline, context.shaper, opening.box.width)).filter(
    ({ start, end }) => text.slice(start, end).trim() !== '',
  );
  if (places.length < 2) return null;
  const runs = letterRuns(outline);
  const wordId = newId('word');
  const letters = places.map((place, index): Opening => {
    const next = places[index + 1]?.start ?? text.length;
    const run = runs.find(({ start }) => start === place.start)!.run;
    const { kept: _kept, along: _along, ...straight } = outline;
    const alone: LetteringOutline = { ...straight, runs: [run], align: 'left' };
    const { width, height, lines } = layOut(alone, context.shaper);
    // From the letter's own box to its line, along the line to where it stands, and from there to the sheet.
    const own = lines[0]!.letters[0]?.toBox ?? IDENTITY;
    const onLine = apply(invert(own), { x: width / 2, y: height / 2 });
    const inWord = apply(place.toBox, { x: onLine.x + Math.min(place.from, place.to), y: onLine.y });
    const middle = apply(boxMatrix(opening.box), inWord);
    const turn = normalTurn(opening.box.turn + (Math.atan2(place.toBox.b, place.toBox.a) * 180) / Math.PI);
    const box = { ...opening.box, width, height, turn, x: middle.x - width / 2, y: middle.y - height / 2 };
    const letter: Opening = {
      ...opening,
      id: newId('item'),
      name: run.text,
      outline: alone,
      word: { id: wordId, index, after: text.slice(place.end, next) },
    };
    // The box is changed under a photo that stays on the sheet: letters cover less than the word did, so no gap can come of it.
    return { ...letter, ...setBoxByGrip(letter, 'opening', box, context) } as Opening;
  });
  const place = placeOf(context.sheet, opening.id);
  const operations = [...removeItem(context.sheet, opening.id, '').operations];
  operations.push(...insertInFront(context.sheet, place, letters));
  return { edit: { name: `Split ${opening.name} into letters`, operations }, first: letters[0]!.id };
}

/** A run for each letter, with where it begins in the text. */
function letterRuns(outline: LetteringOutline): { readonly start: number; readonly run: LetteringRun }[] {
  let before = 0;
  return outline.runs.flatMap((run) => {
    const start = before;
    before += run.text.length;
    return lettersOf(run.text).map((letter, index) => ({
      start: start + letter.start,
      run: { ...run, text: letter.letter, letterIds: [run.letterIds[index] ?? newId('letter')] },
    }));
  });
}

/** All letters on the sheet that were split from the same word as this one, in the order of the word. */
export function lettersOfWord(sheet: Sheet, opening: Opening): Opening[] {
  const { word } = opening;
  if (!word) return [];
  const isOfWord = (other: Opening): boolean => other.word?.id === word.id && other.outline.type === 'lettering';
  return [...openingsOf(sheet.items)].filter(isOfWord).sort((a, b) => a.word!.index - b.word!.index);
}

/**
 * Makes one lettering of the letters of a word again. Each keeps its own face and size; fill and finish are those of the first, whose place it
 * takes; letters that stood along a circle come to lie on a line. Null where there is only one.
 */
export function joinWord(
  opening: Opening,
  project: Project,
  context: GripContext,
): { readonly edit: Edit; readonly id: string } | null {
  const letters = lettersOfWord(context.sheet, opening);
  const [first] = letters;
  if (!first || letters.length < 2) return null;
  const runs = letters.flatMap(({ outline, word }, index): LetteringRun[] => {
    const own = (outline as LetteringOutline).runs;
    const after = index < letters.length - 1 ? word!.after : '';
    return after === '' ? [...own] : [...own.slice(0, -1), withSpace(own.at(-1)!, after)];
  });
  const joined = joinLike(runs);
  const outline: LetteringOutline = { ...(first.outline as LetteringOutline), runs: joined };
  const layout = layOut(outline, context.shaper);
  const { width, height } = layout;
  // The first letter stays where it is.
  const [was, now] = [first.outline as LetteringOutline, outline].map(
    (one) => layOut(one, context.shaper).lines[0]!.letters[0]!.toBox,
  );
  const toNew = multiply(boxMatrix(first.box), translation(was!.e - now!.e, was!.f - now!.f));
  const middle = apply(toNew, { x: width / 2, y: height / 2 });
  const box = { ...first.box, width, height, x: middle.x - width / 2, y: middle.y - height / 2 };
  const { word: _word, ...rest } = first;
  const text = letteringText(outline);
  const whole: Opening = { ...rest, id: newId('item'), name: shortenedText(text.replace(/\s+/g, ' '), 40), outline };
  const placed = { ...whole, ...setBoxByGrip({ ...whole, box: first.box }, 'opening', box, context) } as Opening;
  let sheet = context.sheet;
  const { groupId } = placeOf(sheet, first.id);
  const below = listAround(sheet, first.id).slice(0, indexOf(sheet, first.id));
  const operations = letters.flatMap(({ id }) => {
    const edit = removeItem(sheet, id, '');
    sheet = applyEdit({ ...project, sheets: [sheet] }, edit).sheets[0]!;
    return edit.operations;
  });
  const left = below.findLast(({ id }) => letters.every((letter) => letter.id !== id));
  operations.push(...insertItem(sheet, placed, '', { groupId, above: left?.id ?? null }).operations);
  return { edit: { name: `Join the letters of ${placed.name}`, operations }, id: placed.id };
}

function withSpace(run: LetteringRun, after: string): LetteringRun {
  return { ...run, text: run.text + after, letterIds: [...run.letterIds, ...lettersOf(after).map(() => newId('letter'))] };
}

/** Neighbours of the same style as one run, so that they are kerned and joined again. */
function joinLike(runs: readonly LetteringRun[]): LetteringRun[] {
  const style = ({ text: _text, letterIds: _ids, ...rest }: LetteringRun): string => JSON.stringify(rest);
  const joined: LetteringRun[] = [];
  for (const run of runs) {
    const last = joined.at(-1);
    if (last && style(last) === style(run))
      joined[joined.length - 1] = { ...last, text: last.text + run.text, letterIds: [...last.letterIds, ...run.letterIds] };
    else joined.push(run);
  }
  return joined;
}
