import { backgroundAsItem, refuseBackgrounds } from './background-as-item.js';
import { isRaw, type Migration } from './migration.js';

/**
 * Version 6 knows colours and faces by their role, and what each role stands for: nothing had one before. The photo behind a sheet is one of its items
 * (`background-as-item.ts`).
 */
export const coloursByRole: Migration = {
  from: 5,
  document: (document) => {
    const { sheets } = document;
    const taken = idsIn(sheets);
    return {
      ...document,
      roles: {
        ...{ ground: '#fbf8f1', ink: '#20272a', accent: '#cf4a22', second: '#1d5a4c' },
        ...{ headline: 'alfa-slab-one', text: 'archivo', hand: 'pacifico' },
      },
      ...(Array.isArray(sheets)
        ? { sheets: sheets.map((sheet: unknown, index) => (isRaw(sheet) ? backgroundAsItem(sheet, index, taken) : sheet)) }
        : {}),
    };
  },
  // All others mean what they meant, whatever they were made of.
  edits: (_before, edits) => {
    refuseBackgrounds(edits);
    return edits;
  },
  before: (document) => document,
};

/** All ids in a part of a document. */
function idsIn(value: unknown, found = new Set<string>()): Set<string> {
  if (Array.isArray(value)) for (const inner of value) idsIn(inner, found);
  else if (isRaw(value)) {
    if (typeof value['id'] === 'string') found.add(value['id']);
    for (const inner of Object.values(value)) idsIn(inner, found);
  }
  return found;
}
