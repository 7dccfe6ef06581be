import { coloursByRole } from './colours-by-role.js';
import { revisionsByContent } from './revisions-by-content.js';
import { keptOneByOne } from './kept-one-by-one.js';
import { letterIds } from './letter-ids.js';
import { listOfEffects } from './list-of-effects.js';
import type { Migration, Raw, RawEdit } from './migration.js';

/** In the order of their versions, without gaps, up to the version before the present one. */
export const MIGRATIONS: readonly Migration[] = [
  letterIds,
  // Version 3 knows drawings as fills; what was there before stays as it is.
  { from: 2, document: (document) => document },
  listOfEffects,
  keptOneByOne,
  coloursByRole,
  revisionsByContent,
  // Version 8 knows areas of photos; what was there before stays as it is, and so does every edit.
  { from: 7, document: (document) => document, edits: (_before, edits) => edits, before: (document) => document },
  // Version 9 knows how light lies on areas and what stands in front of them; the rest stays as it is.
  { from: 8, document: (document) => document, edits: (_before, edits) => edits, before: (document) => document },
  // Version 10 knows round walls and cloth, true sizes, ink and imprints; the rest stays as it is.
  { from: 9, document: (document) => document, edits: (_before, edits) => edits, before: (document) => document },
  // Version 11 knows folds of cloth, how soft a photo is, and flat areas that are printed on; the rest stays as it is.
  { from: 10, document: (document) => document, edits: (_before, edits) => edits, before: (document) => document },
  // Version 12 knows what a stroke on a photo changed elsewhere; the rest stays as it is.
  { from: 11, document: (document) => document, edits: (_before, edits) => edits, before: (document) => document },
];

/** A document of any earlier version as one of the present; what says no version that there was is returned as it is. */
export function migrated(document: Raw, migrations: readonly Migration[] = MIGRATIONS): Raw {
  let now = document;
  for (const migration of migrations) {
    if (now['version'] === migration.from) now = { ...migration.document(now), version: migration.from + 1 };
  }
  return now;
}

/** What a journal keeps of a project: the document, and the edits that led to it and from it. */
export interface RawJournal {
  readonly project: Raw;
  /** The newest last; they led to the document. */
  readonly past: readonly RawEdit[];
  /** What was taken back; the last of them is the next to be done again. */
  readonly future: readonly RawEdit[];
  /** The newest last; they led to the document. */
  readonly unsaved: readonly RawEdit[];
}

/** A journal of an earlier version as one of the present; null where its edits can not be translated. */
export function migratedJournal(journal: RawJournal, migrations: readonly Migration[] = MIGRATIONS): RawJournal | null {
  let now = journal;
  for (const { from, document, edits, before } of migrations) {
    if (now.project['version'] !== from) continue;
    if (!edits || !before) return null;
    const { project, past, future, unsaved } = now;
    try {
      now = {
        project: { ...document(project), version: from + 1 },
        past: edits(before(project, past), past),
        future: edits(project, future.toReversed()).toReversed(),
        unsaved: edits(before(project, unsaved), unsaved),
      };
    } catch {
      return null;
    }
  }
  return now;
}
