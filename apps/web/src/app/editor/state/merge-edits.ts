import type { Edit, Operation } from '@kadrosyn/core';

type Change = Extract<Operation, { type: 'change-item' | 'change-sheet' }>;

/**
 * Two steps as one: the later edit must be of the same name and change the same items or sheet. Null where they are different
 * things. Values from before come from the earlier, values from after from the later one.
 */
export function mergeEdits(earlier: Edit, later: Edit): Edit | null {
  if (earlier.name !== later.name || earlier.operations.length !== later.operations.length) return null;
  const operations: Operation[] = [];
  for (const [index, first] of earlier.operations.entries()) {
    const second = later.operations[index]!;
    if (!isChange(first) || !isChange(second) || idOf(first) !== idOf(second) || first.sheetId !== second.sheetId) return null;
    operations.push({
      ...first,
      before: { ...second.before, ...first.before },
      after: { ...first.after, ...second.after },
    });
  }
  return { name: earlier.name, operations };
}

function isChange(operation: Operation): operation is Change {
  return operation.type === 'change-item' || operation.type === 'change-sheet';
}

/** What is changed: an item, or null for the sheet itself. */
function idOf(change: Change): string | null {
  return change.type === 'change-item' ? change.itemId : null;
}
