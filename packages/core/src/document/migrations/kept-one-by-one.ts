import { applyOldEdit, invertOldEdit, listAt, type OldOperation } from './edits-of-version-4.js';
import { isRaw, type Migration, type Raw, type RawEdit } from './migration.js';

/**
 * Version 5 names places by neighbours instead of counting, and changes crossings, guides and shared placements one by one, so that edits of two people
 * can be joined. Guides get an id for it: their number in the list, so that the same list always gives the same ids. A crossing is known by what
 * crosses what; of two for the same pair, which no version could make, the first stays.
 */
export const keptOneByOne: Migration = {
  from: 4,
  document: (document) => {
    const sheets = document['sheets'];
    return Array.isArray(sheets)
      ? { ...document, sheets: sheets.map((sheet: unknown) => (isRaw(sheet) ? withKeys(sheet) : sheet)) }
      : document;
  },
  edits: (before, edits) => {
    let document = before;
    return edits.map(({ name, operations }): RawEdit => ({
      name,
      operations: operations.flatMap((operation) => {
        const translated = translate(document, operation as OldOperation);
        document = applyOldEdit(document, { name, operations: [operation] });
        return translated;
      }),
    }));
  },
  before: (document, edits) => edits.reduceRight((now, edit) => applyOldEdit(now, invertOldEdit(edit)), document),
};

function withKeys(sheet: Raw): Raw {
  return {
    ...sheet,
    ...(Array.isArray(sheet['guides']) ? { guides: withGuideIds(sheet['guides']) } : {}),
    ...(Array.isArray(sheet['crossings']) ? { crossings: withoutDoubles(sheet['crossings']) } : {}),
  };
}

function withGuideIds(guides: readonly unknown[]): unknown[] {
  return guides.map((guide, index) => (isRaw(guide) ? { id: `guide_${index + 1}`, ...guide } : guide));
}

function withoutDoubles(crossings: readonly unknown[]): unknown[] {
  const known = new Set<string>();
  return crossings.filter((crossing) => {
    if (!isRaw(crossing)) return true;
    const pair = pairOf(crossing);
    if (known.has(pair)) return false;
    known.add(pair);
    return true;
  });
}

function pairOf({ lower, upper }: Raw): string {
  return [lower, upper].map((part) => (isRaw(part) ? `${String(part['itemId'])}#${String(part['part'])}` : '')).join(' ');
}

function translate(document: Raw, operation: OldOperation): Raw[] {
  switch (operation.type) {
    case 'insert-item':
    case 'remove-item': {
      const { groupId, index } = operation.place;
      return [{ ...operation, place: { groupId, above: idBelow(listAt(document, operation.sheetId, groupId), index) } }];
    }
    case 'move-item': {
      const { from, to, itemId, sheetId } = operation;
      const others = listAt(document, sheetId, to.groupId).filter(({ id }) => id !== itemId);
      return [
        {
          ...operation,
          from: { groupId: from.groupId, above: idBelow(listAt(document, sheetId, from.groupId), from.index) },
          to: { groupId: to.groupId, above: idBelow(others, to.index) },
        },
      ];
    }
    case 'insert-sheet':
    case 'remove-sheet': {
      const { index, ...rest } = operation;
      return [{ ...rest, sheet: withKeys(operation.sheet), behind: idBelow(document['sheets'] as Raw[], index) }];
    }
    case 'change-sheet': {
      const { before, after, sheetId } = operation;
      const entries = [...entryChanges(sheetId, before, after)];
      const rest = { ...operation, before: withoutLists(before), after: withoutLists(after) };
      return Object.keys(rest.after).length === 0 ? entries : [rest, ...entries];
    }
    default:
      return [operation];
  }
}

function idBelow(list: readonly Raw[], index: number): unknown {
  return index === 0 ? null : list[index - 1]!['id'];
}

function withoutLists({ crossings: _crossings, guides: _guides, placements: _placements, ...rest }: Raw): Raw {
  return rest;
}

/** The changes of entries, in an order in which each finds what it names. */
function* entryChanges(sheetId: string, before: Raw, after: Raw): Generator<Raw> {
  if (Array.isArray(after['guides'])) {
    const lists = [before['guides'], after['guides']].map((list) => withGuideIds(list as Raw[]) as Raw[]);
    yield* listChanges('change-guide', sheetId, lists[0]!, lists[1]!, ({ id }) => String(id));
  }
  if (isRaw(after['placements'])) {
    const [was, is] = [before['placements'] as Raw, after['placements']];
    for (const key of new Set([...Object.keys(was), ...Object.keys(is)])) {
      const change = { key, behind: null, before: was[key] ?? null, after: is[key] ?? null };
      if (!isEqual(change.before, change.after)) yield { type: 'change-placement', sheetId, ...change };
    }
  }
  if (Array.isArray(after['crossings'])) {
    const lists = [before['crossings'], after['crossings']].map((list) => withoutDoubles(list as Raw[]) as Raw[]);
    yield* listChanges('change-crossing', sheetId, lists[0]!, lists[1]!, pairOf);
  }
}

function* listChanges(
  type: string,
  sheetId: string,
  before: readonly Raw[],
  after: readonly Raw[],
  keyOf: (entry: Raw) => string,
): Generator<Raw> {
  const keep = new Set(after.map(keyOf));
  let present = [...before];
  const behindOf = (entry: Raw): string | null => {
    const below = present[present.indexOf(entry) - 1];
    return below ? keyOf(below) : null;
  };
  for (const entry of before.toReversed()) {
    const key = keyOf(entry);
    if (keep.has(key)) continue;
    yield { type, sheetId, key, behind: behindOf(entry), before: entry, after: null };
    present = present.filter((other) => other !== entry);
  }
  let behind: string | null = null;
  for (const entry of after) {
    const key = keyOf(entry);
    const was = present.find((other) => keyOf(other) === key);
    if (!was) {
      yield { type, sheetId, key, behind, before: null, after: entry };
      present.splice(behind === null ? 0 : present.findIndex((other) => keyOf(other) === behind) + 1, 0, entry);
    } else if (!isEqual(was, entry)) {
      yield { type, sheetId, key, behind: behindOf(was), before: was, after: entry };
    }
    behind = key;
  }
}

function isEqual(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
