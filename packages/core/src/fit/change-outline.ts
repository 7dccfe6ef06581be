import { applyEdit, type Edit, type ItemProperties } from '../document/edit.js';
import type { Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { removeItem } from '../document/make-edit.js';
import type { Outline } from '../kinds/outlines/outlines.js';
import type { Project } from '../document/project.js';
import { boxMatrix } from '../geometry/box.js';
import { combined, type Combination } from '../geometry/combine.js';
import { freePathOutline } from '../geometry/free-path.js';
import { apply, invert, multiply } from '../geometry/matrix.js';
import { flatten, transformPath, type Path } from '../geometry/path.js';
import { isWarped, outlinePath } from '../kinds/outlines/outlines.js';
import { fitPhoto, openingHull, respectCover } from './opening-fit.js';
import { changeOpening, isShared } from './register.js';
import { relaid } from './photo-layout.js';
import { withTrueProportion } from './true-corners.js';
import { setBoxByGrip, placePhoto, placedPicture, type GripContext, type PlacedPicture } from './grip.js';

/**
 * Another outline in the same box. Photo, placement and finish stay; the photo moves or grows only as far as the new outline
 * would show a gap. Four corners get the proportion of what they are a picture of.
 */
export function changeOutline(opening: Opening, wanted: Outline, context: GripContext): ItemProperties {
  const placed = placedPicture(opening, context);
  const outline = withTrueProportion({ outline: wanted, box: opening.box }, context.sheet);
  if (!placed) return { outline };
  const after = { ...opening, outline };
  // In register the photo stays where it is: other windows look at it too.
  const isLaid = (isWarped(opening.outline) || isWarped(outline)) && !isShared(opening.fill);
  if (!isLaid) return { outline, ...placePhoto(after, placed.placement, context) };
  return { outline, fill: { ...placed.fill, placement: laidAnew(opening, after, placed, context) } };
}

/**
 * The placement of a photo that is laid out in another rectangle than before: fitted again by its rule, or where it was placed by hand with
 * its middle and size kept as far as no gap is shown.
 */
export function laidAnew(
  before: Opening,
  after: Opening,
  placed: PlacedPicture,
  { shaper }: Pick<GripContext, 'shaper'>,
): Placement {
  const { fill, placement, picture } = placed;
  if (fill.fit && fill.fit !== 'own') return fitPhoto(fill.fit, after, picture, shaper, placement);
  return respectCover(fill, relaid(placement, before, after), openingHull(after, shaper), picture);
}

/**
 * A path, in px of the opening's own frame, as its outline. The box becomes the rectangle round it; what is shown stays where it is on the
 * sheet. Null for a path without area.
 */
export function reshape(opening: Opening, path: Path, context: GripContext): ItemProperties | null {
  const free = freePathOutline(path);
  if (!free) return null;
  const { outline, bounds } = free;
  const middle = apply(boxMatrix(opening.box), { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 });
  const { width, height } = bounds;
  const box = { ...opening.box, width, height, x: middle.x - width / 2, y: middle.y - height / 2 };
  return { outline, ...setBoxByGrip({ ...opening, outline }, 'opening', box, context) };
}

/** Words for what is made of two openings. */
const VERBS = { unite: 'Unite', intersect: 'Intersect' } as const;

/**
 * Makes one opening of two. The first keeps its photo, finish and place in depth; the second goes. Null when nothing would be left.
 */
export function combineOpenings(
  how: Combination,
  first: Opening,
  second: Opening,
  project: Project,
  context: GripContext,
): Edit | null {
  const { shaper, sheet } = context;
  const pathIn = (opening: Opening): Path => outlinePath(opening.outline, opening.box.width, opening.box.height, shaper);
  const toFirst = multiply(invert(boxMatrix(first.box)), boxMatrix(second.box));
  const tolerance = 0.02;
  const path = combined(how, flatten(pathIn(first), tolerance), flatten(transformPath(toFirst, pathIn(second)), tolerance));
  const properties = reshape(first, path, context);
  if (!properties) return null;
  const change = changeOpening(sheet, first, properties, '');
  const changed = applyEdit(project, change).sheets.find(({ id }) => id === sheet.id)!;
  const { operations } = removeItem(changed, second.id, '');

  const name =
    how === 'subtract' ? `Subtract ${second.name} from ${first.name}` : `${VERBS[how]} ${first.name} with ${second.name}`;
  return { name, operations: [...change.operations, ...operations] };
}
