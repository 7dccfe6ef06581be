import { openingInArea } from '../areas/area-opening.js';
import { takeArea, type AreaPlace } from '../areas/area-edits.js';
import type { Edit } from '../document/edit.js';
import type { Item, Opening } from '../document/item.js';
import { newSheet } from '../document/new-project.js';
import type { PhotoArea, Sheet } from '../document/project.js';
import { addSheet, freeName } from '../document/sheet-edits.js';
import type { GripContext } from '../fit/grip.js';
import { fillWithSheet } from '../fit/show-sheet.js';
import { layoutSize } from '../fit/photo-layout.js';
import type { LightColour } from '../areas/surface/area-surface.js';
import { luminance } from '../areas/surface/area-surface.js';
import type { ImprintView } from './imprint-view.js';

/** What a printer is given: px to an inch of the product. */
const IMPRINT_DPI = 300;
/** An area of which nobody has said how large it is, is taken to be so wide, mm. */
const USUAL_WIDTH = 100;
/** Light that a surface reflects of what white reflects: what is darker is printed with opaque ink. */
const DARK = 0.4;
/** How opaque ink is on cloth, which soaks it up, and on what is dark or coloured. */
const [ON_CLOTH, ON_DARK] = [0.25, 1];

/** A new imprint: the sheet that lies on the product, and the opening that shows it there. */
export interface NewImprint {
  readonly edit: Edit;
  readonly sheet: Sheet;
  readonly opening: Opening;
}

/** The empty sheet that lies on an area, clear and in true size. */
export function imprintSheet(area: Pick<PhotoArea, 'name' | 'form' | 'size'>, proportion: number): Sheet {
  const size = area.size ?? { width: USUAL_WIDTH, height: USUAL_WIDTH / proportion };
  const sheet = newSheet({ ...size, unit: 'mm', dpi: IMPRINT_DPI }, area.name);
  return { ...sheet, role: 'imprint', background: { type: 'none' } };
}

/** An imprint for an area, with nothing on it yet, that lies nowhere yet; null where the area is out of sight. */
export function emptyImprint({ host, project }: AreaPlace, area: PhotoArea, context: GripContext): ImprintView | null {
  const there = openingInArea(host, area, context);
  if (!there) return null;
  const { width, height } = layoutSize(there);
  const isTaken = project.sheets.some((sheet) => sheet.name === area.name);
  const sheet = imprintSheet(isTaken ? { ...area, name: freeName(project, area.name) } : area, width / height);
  const fill = fillWithSheet(there, sheet, context.shaper);
  return {
    sheet,
    opening: { ...there, name: area.name, fill, host: { itemId: host.id, areaId: area.id, opaque: inkFor(area) } },
  };
}

/** Lays an imprint on its area, with what is printed. */
export function layEmpty(place: AreaPlace, area: PhotoArea, view: ImprintView, items: readonly Item[], name: string): NewImprint {
  const sheet = { ...view.sheet, items };
  const laid = takeArea(place, area, view.opening);
  return {
    edit: { name, operations: [...addSheet(place.project, sheet).operations, ...laid.operations] },
    sheet,
    opening: view.opening,
  };
}

/**
 * Lays an imprint on an area of a product, with what is printed.
 * @param contents - gives what lies on the new imprint
 * @returns null where the area is out of sight
 */
export function layImprint(
  place: AreaPlace,
  area: PhotoArea,
  contents: (view: ImprintView) => readonly Item[],
  context: GripContext,
  name = `Imprint on ${area.name}`,
): NewImprint | null {
  const view = emptyImprint(place, area, context);
  return view && layEmpty(place, area, view, contents(view), name);
}

/** How opaque the ink is that is used on a surface. */
export function inkFor({ form, surface }: Pick<PhotoArea, 'form' | 'surface'>): number {
  if (surface && lightness(surface) < DARK) return ON_DARK;
  return form.type === 'cloth' ? ON_CLOTH : 0;
}

function lightness({ base, light }: { readonly base: LightColour; readonly light: LightColour }): number {
  return luminance(base) / Math.max(1e-6, luminance(light));
}
