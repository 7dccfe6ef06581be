import { applyEdit, type Edit, type Operation } from '../document/edit.js';
import { openingsOf } from '../document/find-item.js';
import { changeProject } from '../document/make-edit.js';
import type { Opening } from '../document/item.js';
import type { Project } from '../document/project.js';
import type { FaceRole } from '../kinds/face-role.js';
import type { LetteringOutline, LetteringRun } from '../kinds/outlines/lettering.js';
import type { FaceAxes } from '../lettering/faces.js';
import type { Shaper } from '../lettering/shaper.js';
import { letteringProperties } from './lettering-properties.js';
import { changeOpeningOperations } from './register.js';

/** A face as runs name it. What is said of a face of one's own goes with it. */
export type ChosenFace = Pick<LetteringRun, 'face' | 'faceName' | 'standIn' | 'role'>;

/**
 * A lettering in another face. Values of axes that the face has are kept as far as it goes; all others are left out.
 * @param isMeant - the runs that change; all of them when absent.
 */
export function withFace(
  outline: LetteringOutline,
  chosen: ChosenFace,
  axesOf: (face: string) => FaceAxes,
  isMeant: (run: LetteringRun) => boolean = () => true,
): LetteringOutline {
  const limits = axesOf(chosen.face);
  const inFace = (run: LetteringRun): LetteringRun => {
    const { face: _face, faceName: _name, standIn: _similar, role: _role, ...rest } = run;
    const axes = Object.entries(run.axes)
      .filter(([tag]) => tag in limits)
      .map(([tag, value]) => [tag, Math.min(limits[tag]!.max, Math.max(limits[tag]!.min, value))] as const);
    return { ...rest, ...chosen, axes: Object.fromEntries(axes) };
  };
  return { ...outline, runs: outline.runs.map((run) => (isMeant(run) ? inFace(run) : run)) };
}

/** Gives a role of the project another face: one edit that sets all that follows it in that face, and measures it anew. */
export function changeRoleFace(
  project: Project,
  role: FaceRole,
  face: Omit<ChosenFace, 'role'>,
  { axesOf, shaper }: { readonly axesOf: (face: string) => FaceAxes; readonly shaper: Shaper },
  name: string,
): Edit {
  const follows = (run: LetteringRun): boolean => run.role === role;
  const done: Operation[] = [...changeProject(project, { roles: { ...project.roles, [role]: face.face } }, '').operations];
  let now = applyEdit(project, { name, operations: done });
  for (const { id: sheetId } of project.sheets) {
    const followers = [...openingsOf(project.sheets.find(({ id }) => id === sheetId)!.items)].filter(
      ({ outline }) => outline.type === 'lettering' && outline.runs.some(follows),
    );
    for (const { id } of followers) {
      const sheet = now.sheets.find((each) => each.id === sheetId)!;
      // As the ones before it left it: letterings may show one photo together.
      const opening = [...openingsOf(sheet.items)].find((each): each is Opening => each.id === id)!;
      const outline = withFace(opening.outline as LetteringOutline, { ...face, role }, axesOf, follows);
      const context = { ...now, sheet, shaper };
      const operations = changeOpeningOperations(sheet, opening, letteringProperties(context, opening, outline));
      now = applyEdit(now, { name, operations });
      done.push(...operations);
    }
  }
  return { name, operations: done };
}
