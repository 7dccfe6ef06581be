import { dequal } from 'dequal';
import type { Sheet } from '../../document/project.js';
import { EditConflict, EditError } from './edit-error.js';
import { changedSheet } from './item-tree.js';
import { defineOperation, nameOf, type OperationKind, type Slot } from './operation-kind.js';
import { aboveOf, insertedAbove, presentAbove, removedFrom } from './ordered-list.js';
import { sheetOf } from './sheet-of.js';

/** Changes one entry of what a sheet keeps one by one: puts it in where it was absent (null), takes it away where it shall be. */
export interface ChangeEntry<Type extends string, T> {
  readonly type: Type;
  readonly sheetId: string;
  readonly key: string;
  /** The entry that it comes after when it is put in or taken away; null for the first. */
  readonly behind: string | null;
  readonly before: T | null;
  readonly after: T | null;
}

/** How a sheet keeps entries of a kind. */
export interface Collection<T> {
  readonly list: (sheet: Sheet) => readonly T[];
  readonly with: (sheet: Sheet, list: readonly T[]) => Sheet;
  readonly keyOf: (entry: T) => string;
  readonly name: (sheetId: string, key: string) => string;
  /** What an entry needs besides its sheet. */
  readonly needs: (entry: T) => readonly string[];
  /** What a conflict about it is called. */
  readonly word: string;
}

/** The operation that changes one entry of a list. */
export function changeEntry<Type extends string, T>(
  type: Type,
  { list, with: put, keyOf, name, needs, word }: Collection<T>,
): OperationKind<Type, ChangeEntry<Type, T>> {
  type Change = ChangeEntry<Type, T>;
  const isSame = (a: Change, b: Change): boolean => a.sheetId === b.sheetId && a.key === b.key;
  const slot = ({ sheetId, key, behind }: Change): Slot => ({ list: `${type} ${sheetId}`, id: key, above: behind });
  return defineOperation<Type, Change>({
    type,
    apply: (project, { sheetId, key, behind, before, after }) =>
      changedSheet(project, sheetId, (sheet) => {
        const entries = list(sheet);
        const at = entries.findIndex((entry) => keyOf(entry) === key);
        if (before === null && at >= 0) throw new EditError(`${key} is there already`);
        if (before !== null && at < 0) throw new EditError(`${key} is not there`);
        if (after === null) return before === null ? sheet : put(sheet, removedFrom(entries, key, behind, keyOf).rest);
        return put(sheet, before === null ? insertedAbove(entries, behind, after, keyOf) : entries.with(at, after));
      }),
    invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
    touches: (operation) => {
      const { sheetId, key, before, after } = operation;
      const own = name(sheetId, key);
      const needed = [nameOf.sheet(sheetId), ...(after === null ? [] : needs(after))];
      if (before === null) return { needs: needed, makes: [own], takes: [], to: slot(operation) };
      if (after === null) return { needs: needed, makes: [], takes: [own], from: slot(operation) };
      return { needs: [...needed, own], makes: [], takes: [] };
    },
    moved: (operation, { from, to }) => ({ ...operation, behind: (from ?? to)?.above ?? null }),
    merge: (earlier, later) => (isSame(earlier, later) ? { ...later, before: earlier.before, behind: earlier.behind } : null),
    isSame,
    reconcile: (operation, over) => {
      if (!dequal(operation.after, over.after)) throw new EditConflict(`Both changed the same ${word}`);
      return null;
    },
    refit: (project, operation) => {
      const entries = list(sheetOf(project, operation.sheetId));
      const at = entries.findIndex((entry) => keyOf(entry) === operation.key);
      const present = at < 0 ? null : entries[at]!;
      if (!dequal(present, operation.before)) throw new EditConflict(`The ${word} was changed`);
      const behind = at < 0 ? presentAbove(entries, operation.behind, keyOf) : aboveOf(entries, at, keyOf);
      return { ...operation, behind };
    },
  });
}
