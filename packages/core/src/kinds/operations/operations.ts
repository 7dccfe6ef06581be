import type { Project } from '../../document/project.js';
import { addPhoto, type AddPhoto } from './add-photo.js';
import { changeCrossing, type ChangeCrossing } from './change-crossing.js';
import { changeGuide, type ChangeGuide } from './change-guide.js';
import { changeItem, type ChangeItem } from './change-item.js';
import { changePhoto, type ChangePhoto } from './change-photo.js';
import { changePlacement, type ChangePlacement } from './change-placement.js';
import { changeProject, type ChangeProject } from './change-project.js';
import { changeSheet, type ChangeSheet } from './change-sheet.js';
import { EditError } from './edit-error.js';
import { insertItem, type InsertItem } from './insert-item.js';
import { insertSheet, type InsertSheet } from './insert-sheet.js';
import { moveItem, type MoveItem } from './move-item.js';
import { moveSheet, type MoveSheet } from './move-sheet.js';
import type { OperationKind } from './operation-kind.js';
import { removeItem, type RemoveItem } from './remove-item.js';
import { removePhoto, type RemovePhoto } from './remove-photo.js';
import { removeSheet, type RemoveSheet } from './remove-sheet.js';

/** Everything that an edit can do. Each carries all that its inverse needs. */
export type Operation =
  | InsertItem
  | RemoveItem
  | MoveItem
  | ChangeItem
  | ChangeCrossing
  | ChangeGuide
  | ChangePlacement
  | InsertSheet
  | RemoveSheet
  | MoveSheet
  | ChangeSheet
  | ChangeProject
  | AddPhoto
  | ChangePhoto
  | RemovePhoto;

export type OperationType = Operation['type'];
type OperationOf<T extends OperationType> = Extract<Operation, { readonly type: T }>;

/** Every kind of operation. */
const OPERATIONS = {
  'insert-item': insertItem,
  'remove-item': removeItem,
  'move-item': moveItem,
  'change-item': changeItem,
  'change-crossing': changeCrossing,
  'change-guide': changeGuide,
  'change-placement': changePlacement,
  'insert-sheet': insertSheet,
  'remove-sheet': removeSheet,
  'move-sheet': moveSheet,
  'change-sheet': changeSheet,
  'change-project': changeProject,
  'add-photo': addPhoto,
  'change-photo': changePhoto,
  'remove-photo': removePhoto,
} as const satisfies { [T in OperationType]: OperationKind<T, OperationOf<T>> };

/** The kind that an operation is of. @throws EditError for one that there is not, as a newer version may send. */
export function operationKind(operation: Operation): OperationKind<OperationType, Operation> {
  if (!Object.hasOwn(OPERATIONS, operation.type)) throw new EditError(`There is no operation ${operation.type}`);
  // Each kind takes its own operations only, and is found by their type.
  return OPERATIONS[operation.type] as unknown as OperationKind<OperationType, Operation>;
}

/** The project after an operation. @throws EditError when it does not fit. */
export function applyOperation(project: Project, operation: Operation): Project {
  return operationKind(operation).apply(project, operation);
}
