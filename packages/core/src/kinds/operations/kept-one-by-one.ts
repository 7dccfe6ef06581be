import { dequal } from 'dequal';
import { crossingKey, type Crossing } from '../../document/crossing.js';
import type { Placement } from '../../document/fill.js';
import type { Guide, Sheet } from '../../document/project.js';
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

export type ChangeCrossing = ChangeEntry<'change-crossing', Crossing>;
export type ChangeGuide = ChangeEntry<'change-guide', Guide>;
export type ChangePlacement = ChangeEntry<'change-placement', Placement>;

/** How a sheet keeps entries of a kind. */
interface Collection<T> {
  readonly list: (sheet: Sheet) => readonly T[];
  readonly with: (sheet: Sheet, list: readonly T[]) => Sheet;
  readonly keyOf: (entry: T) => string;
  readonly name: (sheetId: string, key: string) => string;
  /** What an entry needs besides its sheet. */
  readonly needs: (entry: T) => readonly string[];
  /** What a conflict about it is called. */
  readonly word: string;
}

function changeEntry<Type extends string, T>(
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

const CROSSINGS: Collection<Crossing> = {
  list: ({ crossings }) => crossings,
  with: (sheet, crossings) => ({ ...sheet, crossings }),
  keyOf: crossingKey,
  name: nameOf.crossing,
  needs: ({ lower, upper }) => [nameOf.item(lower.itemId), nameOf.item(upper.itemId)],
  word: 'crossing',
};

const GUIDES: Collection<Guide> = {
  list: ({ guides }) => guides,
  with: (sheet, guides) => ({ ...sheet, guides }),
  keyOf: ({ id }) => id,
  name: nameOf.guide,
  needs: () => [],
  word: 'guide',
};

export const changeCrossing = changeEntry('change-crossing', CROSSINGS);
export const changeGuide = changeEntry('change-guide', GUIDES);

/** Placements have no order: they are found by name, so nothing comes behind anything. */
export const changePlacement = defineOperation<'change-placement', ChangePlacement>({
  type: 'change-placement',
  apply: (project, { sheetId, key, after }) =>
    changedSheet(project, sheetId, (sheet) => {
      const { [key]: _before, ...placements } = sheet.placements;
      return { ...sheet, placements: after === null ? placements : { ...sheet.placements, [key]: after } };
    }),
  invert: (operation) => ({ ...operation, before: operation.after, after: operation.before }),
  touches: ({ sheetId, key, before, after }) => {
    const own = nameOf.placement(sheetId, key);
    return {
      needs: [nameOf.sheet(sheetId), ...(before !== null && after !== null ? [own] : [])],
      makes: before === null ? [own] : [],
      takes: after === null ? [own] : [],
    };
  },
  merge: (earlier, later) =>
    earlier.sheetId === later.sheetId && earlier.key === later.key ? { ...later, before: earlier.before } : null,
  isSame: (operation, over) => operation.sheetId === over.sheetId && operation.key === over.key,
  reconcile: (operation, over) => {
    if (!dequal(operation.after, over.after)) throw new EditConflict('Both changed the same placement');
    return null;
  },
  refit: (project, operation) => {
    const present = sheetOf(project, operation.sheetId).placements[operation.key] ?? null;
    if (!dequal(present, operation.before)) throw new EditConflict('The placement was changed');
    return operation;
  },
});

type Wanted = Partial<Pick<Sheet, 'crossings' | 'guides' | 'placements'>>;
type Entry = ChangeCrossing | ChangeGuide | ChangePlacement;

/**
 * The operations that bring what a sheet keeps one by one to what is wanted: entries that differ are changed, others are left alone. Entries keep
 * their order; new ones come where they stand in the wanted list.
 */
export function entryChanges(sheet: Sheet, wanted: Wanted): Entry[] {
  return [
    ...(wanted.guides ? listChanges('change-guide', GUIDES, sheet, wanted.guides) : []),
    ...(wanted.placements ? placementChanges(sheet, wanted.placements) : []),
    ...(wanted.crossings ? listChanges('change-crossing', CROSSINGS, sheet, wanted.crossings) : []),
  ];
}

function listChanges<Type extends string, T>(
  type: Type,
  { list, keyOf }: Collection<T>,
  sheet: Sheet,
  wanted: readonly T[],
): ChangeEntry<Type, T>[] {
  const changes: ChangeEntry<Type, T>[] = [];
  const change = (key: string, behind: string | null, before: T | null, after: T | null): void => {
    changes.push({ type, sheetId: sheet.id, key, behind, before, after });
  };
  const keep = new Set(wanted.map(keyOf));
  let present = list(sheet);
  for (const entry of list(sheet).toReversed()) {
    const key = keyOf(entry);
    if (keep.has(key)) continue;
    change(key, aboveOf(present, present.indexOf(entry), keyOf), entry, null);
    present = present.filter((other) => other !== entry);
  }
  let behind: string | null = null;
  for (const entry of wanted) {
    const key = keyOf(entry);
    const before = present.find((other) => keyOf(other) === key) ?? null;
    if (before === null) {
      change(key, behind, null, entry);
      present = insertedAbove(present, behind, entry, keyOf);
    } else if (!dequal(before, entry)) {
      change(key, aboveOf(present, present.indexOf(before), keyOf), before, entry);
    }
    behind = key;
  }
  return changes;
}

function placementChanges(sheet: Sheet, wanted: Sheet['placements']): ChangePlacement[] {
  const keys = new Set([...Object.keys(sheet.placements), ...Object.keys(wanted)]);
  return [...keys].flatMap((key): ChangePlacement[] => {
    const [before, after] = [sheet.placements[key] ?? null, wanted[key] ?? null];
    if (dequal(before, after)) return [];
    return [{ type: 'change-placement', sheetId: sheet.id, key, behind: null, before, after }];
  });
}
