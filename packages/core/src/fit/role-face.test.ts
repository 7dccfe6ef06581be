import { describe, expect, it } from 'vitest';
import { testGroup, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import { openingsOf } from '../document/find-item.js';
import { newLettering } from '../document/new-opening.js';
import { openProject } from '../document/open-project.js';
import type { FaceRole } from '../kinds/face-role.js';
import type { LetteringOutline } from '../kinds/outlines/lettering.js';
import { findFace } from '../lettering/faces.js';
import { measureLettering } from '../lettering/lettering-path.js';
import { changeRoleFace, withFace } from './role-face.js';

const shaper = await testShaper();
const axesOf = (face: string) => findFace(face)?.axes ?? {};
const word = (text: string, role?: FaceRole) => {
  const made = newLettering(
    { text, face: 'archivo', axes: { wght: 900, wdth: 125 }, size: 40 },
    { x: 300, y: 200 },
    { type: 'none' },
    shaper,
  );
  const outline = made.outline as LetteringOutline;
  return role ? { ...made, outline: { ...outline, runs: outline.runs.map((run) => ({ ...run, role })) } } : made;
};
const project = testProject([
  word('Kiln', 'headline'),
  testGroup('g', [word('Day', 'headline'), word('By hand', 'hand')]),
  word('Kiln'),
]);

describe('the face that a project has for a role', () => {
  it('is changed with all that follows it, measured anew, in one step', () => {
    const edit = changeRoleFace(project, 'headline', { face: 'fredoka' }, { axesOf, shaper }, 'Headlines in Fredoka');
    const after = applyEdit(project, edit);
    expect(after.roles).toEqual({ ...project.roles, headline: 'fredoka' });
    const letterings = [...openingsOf(after.sheets[0]!.items)];
    expect(letterings.map(({ outline }) => (outline as LetteringOutline).runs[0]!.face)).toEqual([
      ...['fredoka', 'fredoka'],
      ...['archivo', 'archivo'],
    ]);
    for (const { outline, box } of letterings) {
      const { width, height } = measureLettering(outline as LetteringOutline, shaper);
      expect([box.width, box.height]).toEqual([expect.closeTo(width, 6), expect.closeTo(height, 6)]);
    }
    expect(openProject(JSON.parse(JSON.stringify(after)))).toMatchObject({ ok: true });
    expect(applyEdit(after, invertEdit(edit))).toEqual(project);
  });

  it('keeps of the axes what the face has, as far as it goes, and drops what was said of the one before', () => {
    const outline = word('Kiln', 'text').outline as LetteringOutline;
    const own = { ...outline, runs: outline.runs.map((run) => ({ ...run, faceName: 'My face', standIn: 'anton' })) };
    const [run] = withFace(own, { face: 'fredoka' }, axesOf).runs;
    expect(run).toMatchObject({ face: 'fredoka', axes: { wght: axesOf('fredoka')['wght']!.max } });
    expect(Object.keys(run!)).not.toEqual(expect.arrayContaining(['role']));
    expect([run!.faceName, run!.standIn]).toEqual([undefined, undefined]);
    expect(withFace(outline, { face: 'anton' }, axesOf).runs[0]!.axes).toEqual({});
  });
});
