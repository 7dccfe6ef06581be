import { formPath, type AreaForm, type ClothForm, type TubeForm } from '../areas/area-form.js';
import { keepArea } from '../areas/area-edits.js';
import type { Edit } from '../document/edit.js';
import { changeSheet } from '../document/make-edit.js';
import { newId } from '../document/new-id.js';
import type { Photo, PhotoArea, Project } from '../document/project.js';
import { toPx } from '../document/units.js';
import { similarity, transformItems } from '../fit/transform-items.js';
import { cornersOf } from '../geometry/bounds.js';
import { flatCloth } from '../geometry/cloth-surface.js';
import type { Point } from '../geometry/matrix.js';
import { flatten } from '../geometry/path.js';
import { polygonBounds } from '../geometry/polygon.js';
import { project as projected, projectionTo, type Quad } from '../geometry/quad.js';
import { quadProportion } from '../geometry/quad-proportion.js';
import type { ImprintView } from './imprint-view.js';

/** How far round an area of one's own goes, degrees: all that is turned to the eye. */
const AROUND = 180;
/** What a mug and a bag are usually like, mm, until somebody says how large they are. */
const [USUAL_DIAMETER, USUAL_CLOTH] = [82, 250];
/** How far arcs sag at first, as shares of the width: what lies below the eye sags more. */
const [SAG_ABOVE, SAG_BELOW] = [0.03, 0.07];

/** What a product can be made of: something flat such as the side of a box, a round wall, cloth. */
export type PrintedForm = 'flat' | 'tube' | 'cloth';

/** Whether what is laid on an area is printed there: frames and cards hold pictures, walls and cloth are printed on, and so is what is said to be. */
export function isPrintedOn({ form, printed }: Pick<PhotoArea, 'form' | 'printed'>): boolean {
  return printed ?? (form.type === 'tube' || form.type === 'cloth');
}

/** An area of a photo made into one that is printed on, of usual size: its handles are put where they belong afterwards. */
export function printArea(photo: Photo, { name, form }: Pick<PhotoArea, 'name' | 'form'>, as: PrintedForm): PhotoArea {
  const corners = form.type === 'flat' ? form.corners : cornersAround(form);
  const [a, b, c, d] = corners;
  const proportion = (apart(a, b) + apart(d, c)) / (apart(a, d) + apart(b, c)) || 1;
  const id = newId('area');
  if (as !== 'tube') {
    const made = as === 'flat' ? { form: { type: 'flat', corners } as const, printed: true } : { form: clothOver(corners) };
    const middle = { x: photo.width / 2, y: photo.height / 2 };
    const seen = quadProportion(corners, { middle, diagonal: Math.hypot(photo.width, photo.height) }) ?? proportion;
    return { id, name, ...made, size: { width: USUAL_CLOTH, height: USUAL_CLOTH / seen } };
  }
  const onto = projectionTo(corners, 1, 1);
  const at = (v: number, sag: number): Point => {
    const p = onto ? projected(onto, { x: 0.5, y: v }) : { x: (a.x + c.x) / 2, y: (a.y + c.y) / 2 };
    return { x: p.x, y: p.y + sag * apart(a, b) };
  };
  const tube: TubeForm = {
    type: 'tube',
    corners,
    top: at(0, SAG_ABOVE),
    bottom: at(1, SAG_BELOW),
    kappa: 0.05,
    around: AROUND,
  };
  return { id, name, form: tube, size: { width: arc(USUAL_DIAMETER, AROUND), height: USUAL_DIAMETER / proportion } };
}

function clothOver(corners: Quad): ClothForm {
  return { type: 'cloth', points: flatCloth(corners) };
}

function cornersAround(form: AreaForm): Quad {
  return cornersOf(polygonBounds(flatten(formPath(form))));
}

function apart(p: Point, q: Point): number {
  return Math.hypot(p.x - q.x, p.y - q.y);
}

/** How long so many degrees of a circle are. */
function arc(diameter: number, degrees: number): number {
  return (diameter * Math.PI * degrees) / 360;
}

/** The diameter of what is round, mm; null for anything else, or where its size is not known. */
export function diameterOf({ form, size }: Pick<PhotoArea, 'form' | 'size'>): number | null {
  return form.type === 'tube' && size ? size.width / arc(1, form.around) : null;
}

/** A size by what people measure: the diameter of what is round, the width of anything else, mm. */
export function measuredSize({ form }: Pick<PhotoArea, 'form'>, across: number, height: number): NonNullable<PhotoArea['size']> {
  return { width: form.type === 'tube' ? arc(across, form.around) : across, height };
}

/** An area gets another true size, and the imprint on it too; artwork stays as large as it is, in the middle. */
export function sizeArea(
  project: Project,
  photo: Photo,
  area: PhotoArea,
  { sheet }: ImprintView,
  size: NonNullable<PhotoArea['size']>,
): Edit {
  const [width, height] = [toPx(size.width, 'mm', sheet.dpi), toPx(size.height, 'mm', sheet.dpi)];
  const by = similarity({ x: 0, y: 0 }, 1, 0, { x: (width - sheet.width) / 2, y: (height - sheet.height) / 2 });
  return {
    name: `Size of ${area.name}`,
    operations: [
      ...keepArea(project.photos[photo.id] ?? photo, { ...area, size }).operations,
      ...changeSheet(sheet, { width, height }, '').operations,
      ...transformItems(sheet, sheet.items, by),
    ],
  };
}
