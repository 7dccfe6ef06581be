import { dequal } from 'dequal';
import type { Sheet } from '../../document/project.js';
import { CROSSINGS, type ChangeCrossing } from './change-crossing.js';
import { GUIDES, type ChangeGuide } from './change-guide.js';
import type { ChangePlacement } from './change-placement.js';
import type { ChangeEntry, Collection } from './kept-entry.js';
import { aboveOf, insertedAbove } from './ordered-list.js';

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
