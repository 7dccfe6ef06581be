import type { Edit, Operation } from '../document/edit.js';
import type { Opening } from '../document/item.js';
import { changeItem, insertItem, placeBefore } from '../document/make-edit.js';
import type { Photo, PhotoArea, Project, Sheet } from '../document/project.js';

/** What of an area other projects are offered. What stands in front of it, and what was said of that, are pictures of the project's own. */
export function offeredArea({ id, name, form, size, surface }: PhotoArea): PhotoArea {
  return { id, name, form, ...(size ? { size } : {}), ...(surface ? { surface } : {}) };
}

/** A photo has no more areas than this. */
export const MOST_AREAS = 100;

/** An area becomes one of a photo's, or takes the place of the one with the same id. */
export function keepArea(photo: Photo, area: PhotoArea, name = `Area of ${photo.name}`): Edit {
  const areas = photo.areas ?? [];
  const after = areas.some(({ id }) => id === area.id) ? areas.map((one) => (one.id === area.id ? area : one)) : [...areas, area];
  return { name, operations: [changeAreas(photo, after)] };
}

/** An area becomes one of a photo's, and an opening is laid in it, directly above the host that shows the photo. */
export function takeArea({ project, sheet, host, photo }: AreaPlace, area: PhotoArea, opening: Opening): Edit {
  const hosted: Opening = { ...opening, host: { ...opening.host, itemId: host.id, areaId: area.id } };
  const laid = insertItem(sheet, hosted, `Opening in ${area.name}`, placeBefore(sheet, host.id));
  return { ...laid, operations: [...keptWith({ project, photo }, area), ...laid.operations] };
}

/** Operations by which a project has an area in its photo; none where it has it. */
export function keptWith({ project, photo }: Pick<AreaPlace, 'project' | 'photo'>, area: PhotoArea): readonly Operation[] {
  const isKept = (project.photos[photo.id]?.areas ?? []).some(({ id }) => id === area.id);
  return isKept ? [] : keepArea(photo, area).operations;
}

/** Where an area is shown. */
export interface AreaPlace {
  readonly project: Project;
  readonly sheet: Sheet;
  /** The opening that shows the photo. */
  readonly host: Opening;
  readonly photo: Photo;
}

/** Takes an area from a photo. Openings that were laid in it stay. */
export function removeArea(photo: Photo, areaId: string): Edit {
  const areas = photo.areas ?? [];
  const gone = areas.find(({ id }) => id === areaId);
  return {
    name: `Remove area ${gone?.name ?? ''}`.trim(),
    operations: [
      changeAreas(
        photo,
        areas.filter(({ id }) => id !== areaId),
      ),
    ],
  };
}

export function renameArea(photo: Photo, area: PhotoArea, name: string): Edit {
  return keepArea(photo, { ...area, name }, `Rename area ${area.name}`);
}

function changeAreas(photo: Photo, areas: readonly PhotoArea[]): Operation {
  return {
    type: 'change-photo',
    photoId: photo.id,
    before: { areas: photo.areas ?? null },
    after: { areas: areas.length > 0 ? areas : null },
  };
}

/** An opening leaves the area that it lies in, and stays where it is. */
export function takeOff(sheet: Sheet, opening: Opening): Edit {
  return changeItem(sheet, opening, { host: null }, `Take ${opening.name} off`);
}
