import { fillReferences } from '../kinds/fills/fills.js';
import { outlineReferences } from '../kinds/outlines/outlines.js';
import type { Reference } from '../kinds/reference.js';
import { openingsOf, revisionOf } from './find-item.js';
import type { Item } from './item.js';
import type { Project, Sheet } from './project.js';

/** A kept picture of a cutout that is needed. */
export interface NeededMatte {
  readonly photoId: string;
  readonly matteSha256: string;
}

/** All that part of a project needs to be drawn, followed to its end. */
export interface References {
  /** Ids of photos. */
  readonly photos: ReadonlySet<string>;
  /** Each once. A cutout that its photo does not have is not among them. */
  readonly mattes: readonly NeededMatte[];
  /** Ids of faces. */
  readonly faces: ReadonlySet<string>;
  /** All that is set in them. */
  readonly text: string;
  /** Ids of placements that their sheet keeps for several. */
  readonly placements: ReadonlySet<string>;
}

/** Sheets are never changed in place: what one refers to is looked for once. */
const known = new WeakMap<Sheet, readonly Reference[]>();

/** What sheets of a project need. @param sheetIds - all sheets when absent. */
export function referencesOf({ sheets, photos }: Project, sheetIds?: readonly string[]): References {
  const wanted = sheetIds ? sheets.filter(({ id }) => sheetIds.includes(id)) : sheets;
  return followed(wanted.flatMap(sheetReferences), photos);
}

/** What items of a project need. */
export function referencesOfItems(items: readonly Item[], photos: Project['photos']): References {
  return followed(itemReferences(items), photos);
}

function sheetReferences(sheet: Sheet): readonly Reference[] {
  const before = known.get(sheet);
  if (before) return before;
  const references = [...fillReferences(sheet.background), ...itemReferences(sheet.items)];
  known.set(sheet, references);
  return references;
}

function itemReferences(items: readonly Item[]): Reference[] {
  return [...openingsOf(items)].flatMap(({ fill, outline }) => [...fillReferences(fill), ...outlineReferences(outline)]);
}

function followed(references: readonly Reference[], photos: Project['photos']): References {
  const [shown, faces, placements] = [new Set<string>(), new Set<string>(), new Set<string>()];
  const mattes = new Map<string, NeededMatte>();
  let text = '';
  for (const reference of references) {
    if (reference.to === 'photo') shown.add(reference.id);
    else if (reference.to === 'placement') placements.add(reference.id);
    else if (reference.to === 'face') {
      faces.add(reference.id);
      text += reference.text;
    } else {
      const { photoId, ...cutout } = reference;
      const matteSha256 = revisionOf(photos[photoId], cutout)?.matteSha256;
      if (matteSha256 !== undefined) mattes.set(`${photoId}/${matteSha256}`, { photoId, matteSha256 });
    }
  }
  return { photos: shown, mattes: [...mattes.values()], faces, text, placements };
}
