import type { Group, Opening } from './item.js';
import type { Item } from './item.js';
import type { Photo, Project, Sheet } from './project.js';

/**
 * One named change to a project, as plain data: what undo shows, what the history keeps and what is sent to be
 * saved. Each operation carries all that its inverse needs.
 */
export interface Edit {
  /** What was done, for people: "Move heron". */
  readonly name: string;
  readonly operations: readonly Operation[];
}

export type Operation =
  | { readonly type: 'insert-item'; readonly sheetId: string; readonly place: Place; readonly item: Item }
  | { readonly type: 'remove-item'; readonly sheetId: string; readonly place: Place; readonly item: Item }
  | {
      readonly type: 'move-item';
      readonly sheetId: string;
      readonly itemId: string;
      readonly from: Place;
      readonly to: Place;
    }
  | {
      readonly type: 'change-item';
      readonly sheetId: string;
      readonly itemId: string;
      readonly before: ItemProperties;
      readonly after: ItemProperties;
    }
  | { readonly type: 'insert-sheet'; readonly index: number; readonly sheet: Sheet }
  | { readonly type: 'remove-sheet'; readonly index: number; readonly sheet: Sheet }
  | {
      readonly type: 'change-sheet';
      readonly sheetId: string;
      readonly before: SheetProperties;
      readonly after: SheetProperties;
    }
  | { readonly type: 'change-project'; readonly before: ProjectProperties; readonly after: ProjectProperties }
  | {
      readonly type: 'change-photo';
      readonly photoId: string;
      readonly before: PhotoProperties;
      readonly after: PhotoProperties;
    }
  | { readonly type: 'add-photo'; readonly photo: Photo }
  | { readonly type: 'remove-photo'; readonly photo: Photo };

/** Where an item lies: in a group or on the sheet (null), `index` counted from the back. */
export interface Place {
  readonly groupId: string | null;
  readonly index: number;
}

/** Properties to set; null stands for "absent", since JSON has no undefined. */
export type Properties<T> = { readonly [K in keyof T]?: T[K] | null };

export type ItemProperties = Properties<Omit<Opening, 'type' | 'id'>> &
  Properties<Omit<Group, 'type' | 'id' | 'items' | 'finish'>>;
export type SheetProperties = Properties<Omit<Sheet, 'id' | 'items'>>;
export type PhotoProperties = Properties<Pick<Photo, 'focus' | 'cutouts'>>;
export type ProjectProperties = Properties<Pick<Project, 'name' | 'unit' | 'swatches' | 'set'>>;

/** The edit that takes `edit` back. */
export function invertEdit(edit: Edit): Edit {
  return { name: edit.name, operations: edit.operations.map(invertOperation).toReversed() };
}

function invertOperation(operation: Operation): Operation {
  switch (operation.type) {
    case 'insert-item':
      return { ...operation, type: 'remove-item' };
    case 'remove-item':
      return { ...operation, type: 'insert-item' };
    case 'move-item':
      return { ...operation, from: operation.to, to: operation.from };
    case 'change-item':
      return { ...operation, before: operation.after, after: operation.before };
    case 'insert-sheet':
      return { ...operation, type: 'remove-sheet' };
    case 'remove-sheet':
      return { ...operation, type: 'insert-sheet' };
    case 'change-sheet':
      return { ...operation, before: operation.after, after: operation.before };
    case 'change-photo':
      return { ...operation, before: operation.after, after: operation.before };
    case 'change-project':
      return { ...operation, before: operation.after, after: operation.before };
    case 'add-photo':
      return { ...operation, type: 'remove-photo' };
    case 'remove-photo':
      return { ...operation, type: 'add-photo' };
  }
}

/** The `before` that belongs to an `after`: the present values of the same properties, null where absent. */
export function presentValues<T extends object>(target: T, after: Properties<T>): Properties<T> {
  const before: Record<string, unknown> = {};
  for (const key of Object.keys(after)) before[key] = (target as Record<string, unknown>)[key] ?? null;
  return before as Properties<T>;
}
