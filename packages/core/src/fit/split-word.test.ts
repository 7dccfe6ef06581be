import { describe, expect, it } from 'vitest';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { changeLettering, newLettering } from '../document/new-opening.js';
import { newProject } from '../document/new-project.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import type { Project } from '../document/project.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, multiply } from '../geometry/matrix.js';
import { outlinePath } from '../kinds/outlines/outlines.js';
import { transformPath } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { flatten } from '../geometry/path.js';
import { letteringText } from '../lettering/lettering-path.js';
import { fillWithPhoto } from './opening-fit.js';
import { placementMatrix } from './placement.js';
import { joinWord, lettersOfWord, splitWord } from './split-word.js';

const shaper = await testShaper();
const photo = { id: 'photo_1', sha256: '0'.repeat(64), name: 'glaze', width: 1600, height: 900 };

function sheetWith(text: string, turn = 0): { project: Project; word: Opening } {
  const plain = newLettering({ text, face: 'alfa-slab-one', axes: {}, size: 90 }, { x: 300, y: 200 }, { type: 'none' }, shaper);
  const turned = { ...plain, box: { ...plain.box, turn } };
  const word: Opening = { ...turned, fill: fillWithPhoto(turned, photo, shaper) };
  const project = { ...newProject('T', { width: 600, height: 400, unit: 'px' }), photos: { [photo.id]: photo } };
  return { project: { ...project, sheets: [{ ...project.sheets[0]!, items: [word] }] }, word };
}
const contextOf = (project: Project) => ({ sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper });
const onSheet = (opening: Opening) => {
  const { width, height } = opening.box;
  return polygonBounds(flatten(transformPath(boxMatrix(opening.box), outlinePath(opening.outline, width, height, shaper)), 0.05));
};
const photoAt = (opening: Opening) => {
  if (opening.fill.type !== 'photo' || typeof opening.fill.placement === 'string') throw new Error('no photo');
  return apply(multiply(boxMatrix(opening.box), placementMatrix(opening.fill.placement, photo)), { x: 800, y: 300 });
};

describe('splitting a word', () => {
  it.each([0, 25])('leaves every letter and the photo where they were (turned by %d)', (turn) => {
    const { project, word } = sheetWith('KILN', turn);
    const split = splitWord(word, contextOf(project))!;
    const after = applyEdit(project, split.edit);
    const letters = after.sheets[0]!.items as Opening[];
    expect(letters.map(({ name }) => name)).toEqual(['K', 'I', 'L', 'N']);
    const all = letters.map(onSheet);
    const whole = onSheet(word);
    expect(Math.min(...all.map(({ x }) => x))).toBeCloseTo(whole.x, 1);
    expect(Math.max(...all.map(({ x, width }) => x + width))).toBeCloseTo(whole.x + whole.width, 1);
    expect(Math.max(...all.map(({ y, height }) => y + height))).toBeCloseTo(whole.y + whole.height, 1);
    for (const letter of letters) {
      expect(photoAt(letter).x).toBeCloseTo(photoAt(word).x, 3);
      expect(photoAt(letter).y).toBeCloseTo(photoAt(word).y, 3);
    }
  });

  it('can be joined again, in its order and with its spaces', () => {
    const { project, word } = sheetWith('OPEN KILN');
    const after = applyEdit(project, splitWord(word, contextOf(project))!.edit);
    const letters = after.sheets[0]!.items as Opening[];
    expect(lettersOfWord(after.sheets[0]!, letters[3]!)).toHaveLength(8);
    const join = joinWord(letters[5]!, after, contextOf(after))!;
    const [joined] = applyEdit(after, join.edit).sheets[0]!.items as Opening[];
    expect(applyEdit(after, join.edit).sheets[0]!.items).toHaveLength(1);
    expect(joined!.id).toBe(join.id);
    expect(letteringText(joined!.outline as LetteringOutline)).toBe('OPEN KILN');
    expect((joined!.outline as LetteringOutline).runs).toHaveLength(1);
    expect(joined!.word).toBeUndefined();
    const [was, now] = [onSheet(word), onSheet(joined!)];
    expect(now.x).toBeCloseTo(was.x, 1);
    expect(now.width).toBeCloseTo(was.width, 1);
    expect(now.y).toBeCloseTo(was.y, 1);
    expect(photoAt(joined!).x).toBeCloseTo(photoAt(word).x, 2);
  });

  it('leaves letters along a circle turned as they stand', () => {
    const { project, word } = sheetWith('KILNS', 10);
    const outline = { ...(word.outline as LetteringOutline), along: { radius: 160, start: 30, inside: false } };
    const round = { ...word, ...changeLettering(word, outline, shaper) } as Opening;
    const there = { ...project, sheets: [{ ...project.sheets[0]!, items: [round] }] };
    const letters = applyEdit(there, splitWord(round, contextOf(there))!.edit).sheets[0]!.items as Opening[];
    expect(letters).toHaveLength(5);
    const [all, whole] = [letters.map(onSheet), onSheet(round)];
    expect(Math.min(...all.map(({ x }) => x))).toBeCloseTo(whole.x, 1);
    expect(Math.max(...all.map(({ y, height }) => y + height))).toBeCloseTo(whole.y + whole.height, 1);
    expect(letters.map(({ box }) => box.turn)).toEqual([...letters.map(({ box }) => box.turn)].sort((a, b) => a - b));
    expect(photoAt(letters[2]!).x).toBeCloseTo(photoAt(round).x, 2);
  });

  it('needs two letters', () => {
    const { project, word } = sheetWith('K');
    expect(splitWord(word, contextOf(project))).toBeNull();
    expect(joinWord(word, project, contextOf(project))).toBeNull();
  });
});
