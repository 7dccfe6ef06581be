import type { Project } from '../../document/project.js';
import { changeItem, type ChangeItem } from './change-item.js';
import { changeProject, type ChangeProject } from './change-project.js';
import { EditError } from './edit-error.js';
import { insertItem, type InsertItem } from './insert-item.js';
import {
  changeCrossing,
  changeGuide,
  changePlacement,
  type ChangeCrossing,
  type ChangeGuide,
  type ChangePlacement,
} from './kept-one-by-one.js';
import { moveItem, type MoveItem } from './move-item.js';
import type { OperationKind } from './operation-kind.js';
import { addPhoto, changePhoto, removePhoto, type AddPhoto, type ChangePhoto, type RemovePhoto } from './photos.js';
import { removeItem, type RemoveItem } from './remove-item.js';
import {
  changeSheet,
  insertSheet,
  moveSheet,
  removeSheet,
  type ChangeSheet,
  type InsertSheet,
  type MoveSheet,
  type RemoveSheet,
} from './sheets.js';

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
