import { fillReferences } from '../kinds/fills/fills.js';
import { outlineReferences } from '../kinds/outlines/outlines.js';
import type { Reference } from '../kinds/reference.js';
import { areaOf, openingsOf, revisionOf } from './find-item.js';
import type { Item, Opening } from './item.js';
import type { Project, Sheet } from './project.js';

/** A kept picture of a cutout, or of what stands in front of an area, that is needed. */
export interface NeededMatte {
  readonly photoId: string;
  readonly matteSha256: string;
}

/** All that part of a project needs to be drawn, followed to its end: what a sheet needs that is shown is needed too. */
export interface References {
  /** Ids of photos. */
  readonly photos: ReadonlySet<string>;
  /** Each once. A cutout that its photo does not have is not among them. */
  readonly mattes: readonly NeededMatte[];
  /** Ids of faces. */
  readonly faces: ReadonlySet<string>;
  /** All that is set in them. */
  readonly text: string;
  /** Ids of sheets that are shown in openings. */
  readonly sheets: ReadonlySet<string>;
  /** Ids of placements that their sheet keeps for several. */
  readonly placements: ReadonlySet<string>;
}

/** Sheets are never changed in place: what one refers to is looked for once. */
const known = new WeakMap<Sheet, readonly Reference[]>();

/** What sheets of a project need. @param sheetIds - all sheets when absent. */
export function referencesOf({ sheets, photos }: Project, sheetIds?: readonly string[]): References {
  const wanted = sheetIds ? sheets.filter(({ id }) => sheetIds.includes(id)) : sheets;
  return followed(wanted.flatMap(sheetReferences), { photos, sheets });
}

/** What items of a project need. */
export function referencesOfItems(items: readonly Item[], project: Pick<Project, 'photos' | 'sheets'>): References {
  return followed(itemReferences(items), project);
}

function sheetReferences(sheet: Sheet): readonly Reference[] {
  const before = known.get(sheet);
  if (before) return before;
  const references = [...fillReferences(sheet.background), ...itemReferences(sheet.items)];
  known.set(sheet, references);
  return references;
}

function itemReferences(items: readonly Item[]): Reference[] {
  const openings = [...openingsOf(items)];
  return openings.flatMap((opening) => [
    ...fillReferences(opening.fill),
    ...outlineReferences(opening.outline),
    ...hostReferences(opening, openings),
  ]);
}

/** What lies in an area needs what stands in front of it. */
function hostReferences({ host }: Opening, openings: readonly Opening[]): readonly Reference[] {
  const fill = host && openings.find(({ id }) => id === host.itemId)?.fill;
  return fill?.type === 'photo' ? [{ to: 'area', photoId: fill.photoId, id: host!.areaId }] : [];
}

function followed(references: readonly Reference[], { photos, sheets }: Pick<Project, 'photos' | 'sheets'>): References {
  const [shown, faces, placements, shownSheets] = [new Set<string>(), new Set<string>(), new Set<string>(), new Set<string>()];
  const mattes = new Map<string, NeededMatte>();
  const need = (photoId: string, matteSha256: string): unknown =>
    mattes.set(`${photoId}/${matteSha256}`, { photoId, matteSha256 });
  let text = '';
  const follow = (reference: Reference): void => {
    if (reference.to === 'photo') shown.add(reference.id);
    else if (reference.to === 'sheet') {
      if (shownSheets.has(reference.id)) return;
      shownSheets.add(reference.id);
      const sheet = sheets.find(({ id }) => id === reference.id);
      // A placement is its own sheet's.
      for (const inner of sheet ? sheetReferences(sheet) : []) if (inner.to !== 'placement') follow(inner);
    } else if (reference.to === 'placement') placements.add(reference.id);
    else if (reference.to === 'face') {
      faces.add(reference.id);
      text += reference.text;
    } else if (reference.to === 'area') {
      const { front } = areaOf(photos[reference.photoId], reference.id) ?? {};
      if (front) for (const sha256 of [front.matteSha256, front.plateSha256]) need(reference.photoId, sha256);
    } else {
      const { photoId, ...cutout } = reference;
      const matteSha256 = revisionOf(photos[photoId], cutout)?.matteSha256;
      if (matteSha256 !== undefined) need(photoId, matteSha256);
    }
  };
  references.forEach(follow);
  return { photos: shown, mattes: [...mattes.values()], faces, text, sheets: shownSheets, placements };
}
