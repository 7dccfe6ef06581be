import { applyEdit, letteringText, newProject, withWholeText, type LetteringOutline, type Opening } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { boxShaper as shaper, word } from '../../../testing/opened-editor';
import { letteringEdit, removeEmptyEdit, textEdit, withRuns } from './lettering-edits';

const made = newProject('Test', { width: 400, height: 300, unit: 'px' });
function run(opening: Opening, edit: (context: Parameters<typeof textEdit>[0]) => ReturnType<typeof textEdit>): Opening {
  const project = { ...made, sheets: [{ ...made.sheets[0]!, items: [opening] }] };
  const context = { sheet: project.sheets[0]!, sheets: [], photos: {}, shaper };
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
    const context = { sheet, sheets: [], photos: {}, shaper };
    expect(removeEmptyEdit(context, sheet.items[0]!)).toBeNull();
    expect(removeEmptyEdit(context, sheet.items[1]!)).toMatchObject({ operations: [{ type: 'remove-item' }] });
  });
});
