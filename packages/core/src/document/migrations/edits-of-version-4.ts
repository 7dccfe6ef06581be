import { isRaw, type Raw, type RawEdit } from './migration.js';

/** A place as edits up to version 4 named it: `index` counted from the back of the list of a group, or of the sheet for null. */
interface OldPlace {
  readonly groupId: string | null;
  readonly index: number;
}

/** Operations as edits up to version 4 had them. */
export type OldOperation = Raw &
  (
    | { readonly type: 'insert-item' | 'remove-item'; readonly sheetId: string; readonly place: OldPlace; readonly item: Raw }
    | {
        readonly type: 'move-item';
        readonly sheetId: string;
        readonly itemId: string;
        readonly from: OldPlace;
        readonly to: OldPlace;
      }
    | {
        readonly type: 'change-item';
        readonly sheetId: string;
        readonly itemId: string;
        readonly before: Raw;
        readonly after: Raw;
      }
    | { readonly type: 'insert-sheet' | 'remove-sheet'; readonly index: number; readonly sheet: Raw }
    | { readonly type: 'change-sheet'; readonly sheetId: string; readonly before: Raw; readonly after: Raw }
    | { readonly type: 'change-project'; readonly before: Raw; readonly after: Raw }
    | { readonly type: 'change-photo'; readonly photoId: string; readonly before: Raw; readonly after: Raw }
    | { readonly type: 'add-photo' | 'remove-photo'; readonly photo: Raw }
  );

/** A document of version 4 after an edit. @throws Error when it does not fit. */
export function applyOldEdit(document: Raw, { operations }: RawEdit): Raw {
  return (operations as readonly OldOperation[]).reduce<Raw>(applied, document);
}

/** What takes an edit of version 4 back. */
export function invertOldEdit({ name, operations }: RawEdit): RawEdit {
  return { name, operations: (operations as readonly OldOperation[]).map(inverted).toReversed() };
}

const OPPOSITES: Readonly<Record<string, string>> = {
  'insert-item': 'remove-item',
  'remove-item': 'insert-item',
  'insert-sheet': 'remove-sheet',
  'remove-sheet': 'insert-sheet',
  'add-photo': 'remove-photo',
  'remove-photo': 'add-photo',
};

function inverted(operation: OldOperation): Raw {
  if (operation.type === 'move-item') return { ...operation, from: operation.to, to: operation.from };
  const opposite = OPPOSITES[operation.type];
  return opposite ? { ...operation, type: opposite } : { ...operation, before: operation['after'], after: operation['before'] };
}

function applied(document: Raw, operation: OldOperation): Raw {
  const photos = document['photos'] as Record<string, Raw>;
  switch (operation.type) {
    case 'insert-sheet':
      return { ...document, sheets: sheetsOf(document).toSpliced(operation.index, 0, operation.sheet) };
    case 'remove-sheet':
      return { ...document, sheets: sheetsOf(document).toSpliced(operation.index, 1) };
    case 'change-project':
      return withValues(document, operation.after);
    case 'add-photo':
      return { ...document, photos: { ...photos, [String(operation.photo['id'])]: operation.photo } };
    case 'change-photo':
      return { ...document, photos: { ...photos, [operation.photoId]: withValues(photos[operation.photoId]!, operation.after) } };
    case 'remove-photo': {
      const { [String(operation.photo['id'])]: _gone, ...rest } = photos;
      return { ...document, photos: rest };
    }
    case 'change-sheet':
      return onSheet(document, operation.sheetId, (sheet) => withValues(sheet, operation.after));
    case 'change-item':
      return onItems(document, operation.sheetId, (items) =>
        changed(items, operation.itemId, (item) => withValues(item, operation.after)),
      );
    case 'insert-item':
      return onList(document, operation.sheetId, operation.place, (list, index) => list.toSpliced(index, 0, operation.item));
    case 'remove-item':
      return onList(document, operation.sheetId, operation.place, (list, index) => list.toSpliced(index, 1));
    case 'move-item': {
      const { sheetId, from, to } = operation;
      const item = listAt(document, sheetId, from.groupId)[from.index]!;
      const without = onList(document, sheetId, from, (list, index) => list.toSpliced(index, 1));
      return onList(without, sheetId, to, (list, index) => list.toSpliced(index, 0, item));
    }
  }
}

/** The items of a group, or those of the sheet for null. @throws Error when there is no such list. */
export function listAt(document: Raw, sheetId: string, groupId: string | null): readonly Raw[] {
  const items = sheetsOf(document).find(({ id }) => id === sheetId)!['items'] as Raw[];
  if (groupId === null) return items;
  const search = (list: readonly Raw[]): readonly Raw[] | undefined => {
    for (const item of list) {
      const inner = item['items'];
      if (!Array.isArray(inner)) continue;
      const there = item['id'] === groupId ? (inner as Raw[]) : search(inner as Raw[]);
      if (there) return there;
    }
    return undefined;
  };
  const there = search(items);
  if (!there) throw new Error(`There is no group ${groupId}`);
  return there;
}

function onList(
  document: Raw,
  sheetId: string,
  { groupId, index }: OldPlace,
  change: (list: Raw[], index: number) => Raw[],
): Raw {
  return onItems(document, sheetId, (items) =>
    groupId === null
      ? change(items, index)
      : changed(items, groupId, (group) => ({ ...group, items: change(group['items'] as Raw[], index) })),
  );
}

function onItems(document: Raw, sheetId: string, change: (items: Raw[]) => Raw[]): Raw {
  return onSheet(document, sheetId, (sheet) => ({ ...sheet, items: change(sheet['items'] as Raw[]) }));
}

function onSheet(document: Raw, sheetId: string, change: (sheet: Raw) => Raw): Raw {
  const sheets = sheetsOf(document);
  if (!sheets.some(({ id }) => id === sheetId)) throw new Error(`There is no sheet ${sheetId}`);
  return { ...document, sheets: sheets.map((sheet) => (sheet['id'] === sheetId ? change(sheet) : sheet)) };
}

function changed(items: readonly Raw[], id: string, change: (item: Raw) => Raw): Raw[] {
  return items.map((item) => {
    if (item['id'] === id) return change(item);
    return Array.isArray(item['items']) ? { ...item, items: changed(item['items'] as Raw[], id, change) } : item;
  });
}

function withValues(target: Raw, values: Raw): Raw {
  return Object.fromEntries(Object.entries({ ...target, ...values }).filter(([, value]) => value !== null));
}

function sheetsOf(document: Raw): Raw[] {
  const sheets = document['sheets'];
  if (!Array.isArray(sheets) || !sheets.every(isRaw)) throw new Error('There are no sheets');
  return sheets;
}
