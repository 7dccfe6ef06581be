import type { Group, Item, Opening } from '../src/document/item.js';
import type { Photo, Project, Sheet } from '../src/document/project.js';
import { newProject } from '../src/document/new-project.js';
import { newShapedOpening } from '../src/document/new-opening.js';
import { resolvedIn, type LookedAt } from '../src/document/resolve-sheet.js';
import { STARTING_ROLES } from '../src/document/roles.js';

/** A photo that the document knows; nothing is drawn of it. */
export function testPhoto(id = 'photo_a', width = 1600, height = 1200): Photo {
  return { id, sha256: id.length.toString(16).padStart(64, '0'), name: id, width, height };
}

/** An opening of `width` x `height` px with its corner at x, y. */
export function testOpening(id: string, change: Partial<Opening> = {}): Opening {
  return { ...newShapedOpening(id, { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 100, y: 100 }, 120, 80), id, ...change };
}

export function testGroup(id: string, items: Group['items']): Group {
  return { type: 'group', id, name: id, items };
}

/** A project of one sheet of 1000 x 800 px with these items. */
export function testProject(items: Sheet['items'], photos: readonly Photo[] = [testPhoto()]): Project {
  const project = newProject('Test', { width: 1000, height: 800, unit: 'px' });
  return {
    ...project,
    photos: Object.fromEntries(photos.map((photo) => [photo.id, photo])),
    sheets: [{ ...project.sheets[0]!, id: 'sheet_1', items }],
  };
}

/** A sheet, or one with these items, as it is looked at in a new project. */
export function lookedAt(what: Sheet | readonly Item[]): LookedAt {
  const sheet = 'items' in what ? what : testProject(what).sheets[0]!;
  return { sheet, resolved: resolvedIn({ sheets: [sheet], roles: STARTING_ROLES, photos: {} }, sheet) };
}
