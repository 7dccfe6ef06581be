import {
  applyEdit,
  letteringText,
  newLetterIds,
  newProject,
  newShapedOpening,
  withWholeText,
  type LetteringOutline,
  type Opening,
  type Shaper,
  type ShapedLine,
  type TextRun,
} from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { letteringEdit, removeEmptyEdit, textEdit, withRuns } from './lettering-edits';

/** Letters as wide as half their size, without a form: the box is all that is asked for here. */
const shaper = {
  version: 1,
  hasFace: () => true,
  shapeLine: (runs: readonly TextRun[]): ShapedLine => {
    const size = Math.max(...runs.map((run) => run.size));
    const text = runs.map((run) => run.text).join('');
    return { advance: (text.length * size) / 2, ascent: size * 0.8, descent: size * 0.2, letters: [], missing: [] };
  },
} as unknown as Shaper;

function word(text: string, change: Partial<Opening> = {}): Opening {
  const run = { text, face: 'archivo', axes: {}, size: 20, tracking: 0, letterIds: newLetterIds(text) };
  const outline: LetteringOutline = { type: 'lettering', runs: [run], align: 'left', leading: 1 };
  return { ...newShapedOpening(text, outline, { x: 100, y: 50 }, text.length * 10, 20), ...change };
}
const made = newProject('Test', { width: 400, height: 300, unit: 'px' });
function run(opening: Opening, edit: (context: Parameters<typeof textEdit>[0]) => ReturnType<typeof textEdit>): Opening {
  const project = { ...made, sheets: [{ ...made.sheets[0]!, items: [opening] }] };
  const context = { sheet: project.sheets[0]!, photos: {}, shaper };
  return applyEdit(project, edit(context)).sheets[0]!.items[0] as Opening;
}
const outlineOf = (opening: Opening): LetteringOutline => opening.outline as LetteringOutline;

describe('edits of lettering', () => {
  it('give the text its box; the name follows until it was chosen by hand', () => {
    const mug = word('Mug');
    const longer = run(mug, (context) => textEdit(context, mug, withWholeText(outlineOf(mug), 'Mugs of\nclay')));
    expect(letteringText(outlineOf(longer))).toBe('Mugs of\nclay');
    expect(longer.name).toBe('Mugs of clay');
    expect(longer.box).toMatchObject({ x: mug.box.x, y: mug.box.y, width: 70, height: 40 });
    const named = word('Mug', { name: 'Title' });
    expect(run(named, (context) => textEdit(context, named, withWholeText(outlineOf(named), 'Bowl'))).name).toBe('Title');
  });

  it('change all runs at once', () => {
    const mug = word('Mug');
    const outline = withRuns({ ...outlineOf(mug), runs: [...outlineOf(mug).runs, ...outlineOf(mug).runs] }, { size: 40 });
    expect(outline.runs.map(({ size }) => size)).toEqual([40, 40]);
    const edited = run(mug, (context) => letteringEdit(context, mug, withRuns(outlineOf(mug), { size: 40 }), 'Larger'));
    expect(edited.box.height).toBe(40);
  });

  it('take away a lettering only when all of its text is gone', () => {
    const sheet = { ...made.sheets[0]!, items: [word('Mug'), word(' ')] };
    const context = { sheet, photos: {}, shaper };
    expect(removeEmptyEdit(context, sheet.items[0]!)).toBeNull();
    expect(removeEmptyEdit(context, sheet.items[1]!)).toMatchObject({ operations: [{ type: 'remove-item' }] });
  });
});
