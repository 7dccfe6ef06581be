import type { Opening } from '../document/item.js';
import { newShapedOpening } from '../document/new-opening.js';
import type { Photo, PhotoArea } from '../document/project.js';
import { boundsOf } from '../geometry/bounds.js';
import { FOLD_SIDE } from '../geometry/cloth-folds.js';
import { CLOTH_SIDE, clothCorners } from '../geometry/cloth-surface.js';
import { flatten } from '../geometry/path.js';
import { boxMatrix } from '../geometry/box.js';
import { apply, type Point } from '../geometry/matrix.js';
import { project, type Projection, type Quad } from '../geometry/quad.js';
import { quadProportion } from '../geometry/quad-proportion.js';
import type { Outline } from '../kinds/outlines/outlines.js';
import { formPath, movedForm, type AreaForm, type ClothForm, type TubeForm } from './area-form.js';

type CurvedArea = Pick<PhotoArea, 'name' | 'size'> & { readonly form: TubeForm | ClothForm };

/**
 * An empty opening on a wall that is round, or on cloth, of a photo: at the same place of the sheet. A flipped photo flips the area, not what lies on it.
 * @param onto - px of the photo to px of the sheet; all of the form is in front of its horizon
 * @returns null where it has no extent
 */
export function curvedOpening({ name, form, size }: CurvedArea, photo: Photo, onto: Projection): Opening | null {
  const upright = unflipped(movedForm(form, (p) => project(onto, p)));
  const { x, y, width, height } = boundsOf(pointsOf(upright));
  if (!(width > 0) || !(height > 0)) return null;
  const share = (p: Point): Point => ({ x: (p.x - x) / width, y: (p.y - y) / height });
  const aspect = (size ? size.width / size.height : proportionOf(form, photo)) / (width / height);
  const placed = movedForm(upright, share);
  const outline: Outline =
    placed.type === 'cloth'
      ? { type: 'cloth', points: placed.points, aspect, ...(placed.folds ? { folds: placed.folds } : {}) }
      : {
          type: 'tube',
          corners: placed.corners,
          top: placed.top,
          bottom: placed.bottom,
          kappa: placed.kappa,
          half: placed.around / 2,
          turn: 0,
          aspect,
        };
  return newShapedOpening(name, outline, { x: x + width / 2, y: y + height / 2 }, width, height);
}

/**
 * The form of an area whose outline on the sheet was corrected; null where both are not of one kind. Folds between its places have to be read again.
 * @param toPhoto - px of the sheet to px of the photo
 */
export function correctedForm({ outline, box }: Opening, form: AreaForm, toPhoto: Projection): TubeForm | ClothForm | null {
  const onto = boxMatrix(box);
  const onPhoto = ({ x, y }: Point): Point => project(toPhoto, apply(onto, { x: x * box.width, y: y * box.height }));
  if (outline.type === 'cloth' && form.type === 'cloth') return { type: 'cloth', points: outline.points.map(onPhoto) };
  if (outline.type !== 'tube' || form.type !== 'tube') return null;
  const corners = outline.corners.map(onPhoto) as unknown as Quad;
  return { ...form, corners, top: onPhoto(outline.top), bottom: onPhoto(outline.bottom) };
}

/** The outline of an area where what lies on it is turned round it, or follows its folds, as before. */
export function lyingAs(before: Outline, outline: Outline): Outline {
  if (before.type === 'tube' && outline.type === 'tube') return { ...outline, turn: before.turn };
  const isFollowing = before.type === 'cloth' && outline.type === 'cloth' && before.follows !== undefined;
  return isFollowing ? { ...outline, follows: before.follows } : outline;
}

/** Whether an outline lies where another did: on something round it may be turned round that, on cloth it may follow the folds by another share. */
export function isSamePlace(a: Outline, b: Outline): boolean {
  if (a === b) return true;
  if (a.type === 'cloth' && b.type === 'cloth') return a.points === b.points && a.folds === b.folds && a.aspect === b.aspect;
  if (a.type !== 'tube' || b.type !== 'tube') return false;
  const { turn: _a, ...rest } = a;
  const { turn: _b, ...others } = b;
  return Object.entries(rest).every(([key, value]) => others[key as keyof typeof others] === value);
}

function pointsOf(form: TubeForm | ClothForm): Point[] {
  return flatten(formPath(form)).flatMap((polygon) =>
    Array.from({ length: polygon.length / 2 }, (_, i) => ({ x: polygon[2 * i]!, y: polygon[2 * i + 1]! })),
  );
}

function unflipped(form: TubeForm | ClothForm): TubeForm | ClothForm {
  const [a, b, c, d] = form.type === 'cloth' ? clothCorners(form.points) : form.corners;
  if ((b.x - a.x) * (d.y - a.y) - (b.y - a.y) * (d.x - a.x) >= 0) return form;
  const isAcross = a.x > b.x;
  if (form.type === 'tube') {
    const corners: Quad = isAcross ? [b, a, d, c] : [d, c, b, a];
    return isAcross ? { ...form, corners } : { ...form, corners, top: form.bottom, bottom: form.top };
  }
  const points = mirrored(form.points, CLOTH_SIDE, isAcross);
  const { folds } = form;
  return { ...form, points, ...(folds ? { folds: { ...folds, rises: mirrored(folds.rises, FOLD_SIDE, isAcross) } } : {}) };
}

/** Rows of so many values, each or all of them the other way round. */
function mirrored<T>(values: readonly T[], side: number, isAcross: boolean): T[] {
  return values.map((_, i) => {
    const [row, column] = [Math.floor(i / side), i % side];
    return values[isAcross ? row * side + side - 1 - column : (side - 1 - row) * side + column]!;
  });
}

/** Width for a height of 1 of what a form is a picture of, as far as it can be told without its size. */
function proportionOf(form: TubeForm | ClothForm, photo: Photo): number {
  const [a, b, c, d] = form.type === 'cloth' ? clothCorners(form.points) : form.corners;
  const apart = (p: Point, q: Point): number => Math.hypot(p.x - q.x, p.y - q.y);
  const sides = (apart(a, b) + apart(d, c)) / (apart(a, d) + apart(b, c));
  if (form.type === 'tube') return (sides / 2) * ((form.around * Math.PI) / 180);
  const middle = { x: photo.width / 2, y: photo.height / 2 };
  return quadProportion([a, b, c, d], { middle, diagonal: Math.hypot(photo.width, photo.height) }) ?? sides;
}
