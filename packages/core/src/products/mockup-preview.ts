import { isImprint } from '../document/is-imprint.js';
import { openingInArea } from '../areas/area-opening.js';
import { applyEdit } from '../document/edit.js';
import type { Item, Opening } from '../document/item.js';
import { insertItem } from '../document/make-edit.js';
import { newSheet } from '../document/new-project.js';
import type { Photo, PhotoArea, Project, Sheet } from '../document/project.js';
import { addSheet } from '../document/sheet-edits.js';
import { boundsOfAll } from '../fit/arrange.js';
import { itemBounds } from '../fit/item-bounds.js';
import { photoAt } from '../fit/loose-photo.js';
import { fillWithPhoto } from '../fit/opening-fit.js';
import type { Bounds } from '../geometry/bounds.js';
import type { Shaper } from '../lettering/shaper.js';
import { similarity, transformItems } from '../fit/transform-items.js';
import { seenOfImprint } from './imprint-view.js';
import { layImprint } from './new-imprint.js';
import { isPrintedOn } from './print-area.js';

/** How much of what is seen of an area the artwork takes, each way. */
const SHARE = 0.8;

/** The newest imprint of a project on which something is printed; null where nothing is. */
export function lastArtwork({ sheets }: Pick<Project, 'sheets'>): Sheet | null {
  return sheets.findLast((sheet) => isImprint(sheet) && sheet.items.length > 0) ?? null;
}

/**
 * A product with artwork of a project on it, as a project of one sheet more: as it would look if that was printed there, or hung there where it holds pictures.
 * @param photo - with its areas
 * @param artwork - the imprint that the artwork is taken from
 * @param longest - px of the longer side of the sheet
 */
export function mockupPreview(
  project: Project,
  photo: Photo,
  artwork: Sheet | null,
  shaper: Shaper,
  longest: number,
): { readonly project: Project; readonly sheetId: string } {
  const scale = longest / Math.max(photo.width, photo.height);
  const [width, height] = [Math.round(photo.width * scale), Math.round(photo.height * scale)];
  const sheet = newSheet({ width, height, unit: 'px' }, photo.name);
  const added = applyEdit({ ...project, photos: { ...project.photos, [photo.id]: photo } }, addSheet(project, sheet));
  const host = photoAt(photo, { x: width / 2, y: height / 2 }, scale);
  const bare = applyEdit(added, insertItem(sheet, host, ''));
  const [area] = photo.areas ?? [];
  const made = artwork && area ? withArtwork({ project: bare, sheetId: sheet.id, host, photo, area, shaper }, artwork) : null;
  return { project: made ?? bare, sheetId: sheet.id };
}

/** Where artwork goes: an area of the photo that an opening of a sheet shows. */
interface Goal {
  readonly project: Project;
  readonly sheetId: string;
  readonly host: Opening;
  readonly photo: Photo;
  readonly area: PhotoArea;
  readonly shaper: Shaper;
}

function withArtwork({ project, sheetId, host, photo, area, shaper }: Goal, artwork: Sheet): Project | null {
  const sheet = project.sheets.find(({ id }) => id === sheetId)!;
  const context = { sheet, sheets: project.sheets, photos: project.photos, shaper };
  if (isPrintedOn(area)) {
    const place = { project, sheet, host, photo };
    const laid = layImprint(place, area, (view) => fitted(project, artwork, seenOfImprint(view)), context);
    return laid && applyEdit(project, laid.edit);
  }
  const picture = artwork.items.find((item) => item.type === 'opening' && item.fill.type === 'photo') as Opening | undefined;
  const shown = picture?.fill.type === 'photo' ? project.photos[picture.fill.photoId] : null;
  const there = shown && openingInArea(host, area, context);
  if (!there) return null;
  const hung = { ...there, fill: fillWithPhoto(there, shown, shaper), host: { itemId: host.id, areaId: area.id } };
  return applyEdit(project, insertItem(sheet, hung, ''));
}

/** All pieces of an imprint, as large as what is seen of another lets them be. */
function fitted(project: Project, artwork: Sheet, seen: Bounds): readonly Item[] {
  const bounds = boundsOfAll(artwork.items.flatMap((item) => itemBounds(item) ?? []));
  if (!bounds) return [];
  const by = SHARE * Math.min(seen.width / bounds.width, seen.height / bounds.height);
  const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
  const to = { x: seen.x + seen.width / 2 - middle.x, y: seen.y + seen.height / 2 - middle.y };
  const moved = transformItems(artwork, artwork.items, similarity(middle, by, 0, to));
  return applyEdit(project, { name: '', operations: moved }).sheets.find(({ id }) => id === artwork.id)!.items;
}
