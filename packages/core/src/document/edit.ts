import { applyOperation, operationKind, type Operation } from '../kinds/operations/operations.js';
import type { Project } from './project.js';

export { EditConflict, EditError } from '../kinds/operations/edit-error.js';
export type { ItemProperties } from '../kinds/operations/change-item.js';
export type { ProjectProperties } from '../kinds/operations/change-project.js';
export type { Place } from '../kinds/operations/item-tree.js';
export type { Operation } from '../kinds/operations/operations.js';
export { presentValues, type Properties } from '../kinds/operations/properties.js';

/** One named change to a project, as plain data: what undo shows, what the history keeps and what is sent to be saved. */
export interface Edit {
  /** What was done, for people: "Move heron". */
  readonly name: string;
  readonly operations: readonly Operation[];
}

/**
 * The project after `edit`. The given project is left as it is; unchanged parts are shared with the result.
 * @throws EditError when an operation names what is not there, or would create an id twice.
 */
export function applyEdit(project: Project, edit: Edit): Project {
  return edit.operations.reduce(applyOperation, project);
}

/** The edit that takes `edit` back. */
export function invertEdit(edit: Edit): Edit {
  const operations = edit.operations.map((operation) => operationKind(operation).invert(operation) as Operation);
  return { name: edit.name, operations: operations.toReversed() };
}

/**
 * Two steps as one: the later edit must be of the same name and change the same things in the same order. Null where they are different
 * things.
 */
export function mergeEdits(earlier: Edit, later: Edit): Edit | null {
  if (earlier.name !== later.name || earlier.operations.length !== later.operations.length) return null;
  const operations: Operation[] = [];
  for (const [index, first] of earlier.operations.entries()) {
    const second = later.operations[index]!;
    const merged = first.type === second.type ? operationKind(first).merge?.(first, second) : null;
    if (!merged) return null;
    operations.push(merged);
  }
  return { name: earlier.name, operations };
}

/**
 * An edit as it must read on a project that others have changed since it was made: what it finds there is what its inverse goes back to. The edit
 * itself, where nothing of it was touched.
 * @throws EditConflict when what it would change is not as it left it; another EditError when it does not fit at all.
 */
export function refitEdit(project: Project, edit: Edit): Edit {
  let now = project;
  const operations = edit.operations.map((operation) => {
    const kind = operationKind(operation);
    const refitted = kind.refit(now, operation);
    now = kind.apply(now, refitted);
    return refitted;
  });
  return { name: edit.name, operations };
}
