import {
  apply,
  applyVector,
  boxBounds,
  boxCentre,
  boxMatrix,
  outlineBounds,
  resizeBox,
  changeOpening,
  changeOutline,
  invert,
  normalTurn,
  outlineHandles,
  placedPicture,
  rotation,
  scalePhoto,
  setBoxByGrip,
  showsPicture,
  turnPhoto,
  type Bounds,
  type Box,
  type FaceAxes,
  type Grip,
  type GripContext,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { imprintIn, type ImprintContext } from '../commands/imprint-edits';
import { moveEdit, resizeProperties } from '../commands/item-edits';
import { pictureWord } from '../commands/picture-word';
import type { Gesture } from './gesture';
import type { BoxHandle } from './handles';
import type { SnapSides } from './snapping';

/** Shortest side that dragging gives, px of the sheet. */
const SHORTEST = 4;
/** Turns close to a multiple of this many degrees come to lie on it. */
const TURN_STEP = 15;
const TURN_REACH = 2.5;

/**
 * Moves what the grip says.
 * @param snap - what is to be added to the place of the opening's bounds, so that it comes to lie on something.
 */
export function moveGesture(
  opening: Opening,
  grip: Grip,
  from: Point,
  context: ImprintContext,
  snap: (bounds: Bounds) => Point,
): Gesture {
  const bounds = outlineBounds(opening, context.shaper) ?? boxBounds(opening.box);
  // What is moved on a product is no item of the sheet, and has nothing there to come to lie on.
  const movesOpening = !imprintIn(context, opening) && (grip !== 'photo' || !showsPicture(opening.fill));
  return {
    move(at) {
      const [dx, dy] = [at.x - from.x, at.y - from.y];
      const by = movesOpening ? snap({ ...bounds, x: bounds.x + dx, y: bounds.y + dy }) : { x: 0, y: 0 };
      return moveEdit(context, opening, grip, { x: dx + by.x, y: dy + by.y }, from);
    },
  };
}

/** A peg keeps the proportions, a tab stretches the outline; the opposite point stays. The photo is never stretched. */
export function resizeGesture(
  opening: Opening,
  grip: Grip,
  { handle, from }: { readonly handle: BoxHandle; readonly from: Point },
  snap: SnapSides,
  { axesOf, ...context }: GripContext & { readonly axesOf: (face: string) => FaceAxes },
): Gesture {
  const { box } = opening;
  // Sides of what is turned do not lie on upright lines, and letters take a size of their own.
  const snaps = box.turn === 0 && !box.shear && opening.outline.type !== 'lettering';
  const fixed = { x: 1 - handle.x, y: 1 - handle.y };
  return {
    move(at) {
      // The pointer need not have met the handle's middle.
      const by = applyVector(rotation(-box.turn), { x: at.x - from.x, y: at.y - from.y });
      const [right, down] = [handle.x * 2 - 1, handle.y * 2 - 1];
      let [width, height] = [box.width + right * by.x, box.height + down * by.y];
      if (handle.kind === 'peg') {
        const along = (width / box.width + height / box.height) / 2;
        const least = SHORTEST / Math.min(box.width, box.height);
        [width, height] = [box.width * Math.max(along, least), box.height * Math.max(along, least)];
      }
      if (snaps) [width, height] = snappedSize(box, width, height, handle, snap);
      const size = { width: Math.max(width, SHORTEST), height: Math.max(height, SHORTEST), fixed };
      return changeOpening(
        context.sheet,
        opening,
        resizeProperties(context, opening, grip, size, axesOf),
        `Resize ${opening.name}`,
      );
    },
  };
}

/** The size at which the dragged sides lie on what they are near to. A peg keeps the proportions: the nearer of both decides. */
function snappedSize(box: Box, width: number, height: number, handle: BoxHandle, snap: SnapSides): [number, number] {
  const side = (share: number): -1 | 0 | 1 => (share === 0.5 ? 0 : share === 0 ? -1 : 1);
  const sides = { x: side(handle.x), y: side(handle.y) };
  const by = snap(
    resizeBox(box, Math.max(width, SHORTEST), Math.max(height, SHORTEST), { x: 1 - handle.x, y: 1 - handle.y }),
    sides,
  );
  const [wider, higher] = [width + by.x * sides.x, height + by.y * sides.y];
  if (handle.kind === 'tab') return [wider, higher];
  const [fx, fy] = [wider / width, higher / height];
  const factor = by.x === 0 ? fy : by.y === 0 || Math.abs(fx - 1) < Math.abs(fy - 1) ? fx : fy;
  return [width * factor, height * factor];
}

/** Drags a handle that changes the form of the outline. Photo and box stay. */
export function formGesture(opening: Opening, index: number, from: Point, context: GripContext): Gesture {
  const { box, outline } = opening;
  const toBox = invert(boxMatrix(box));
  const handle = outlineHandles(outline, box.width, box.height)[index];
  // The pointer need not have met the handle's middle.
  const start = apply(toBox, from);
  return {
    move(at) {
      if (!handle) return null;
      const p = apply(toBox, at);
      const next = handle.drag({ x: handle.at.x + p.x - start.x, y: handle.at.y + p.y - start.y });
      return changeOpening(context.sheet, opening, changeOutline(opening, next, context), `${handle.name} of ${opening.name}`);
    },
  };
}

/**
 * Turns what the grip says about the middle of the opening's box; the photo about its own middle. With the grip on the
 * opening the photo keeps its direction on the sheet.
 */
export function turnGesture(opening: Opening, grip: Grip, from: Point, context: GripContext): Gesture {
  const centre = boxCentre(opening.box);
  const angle = (p: Point): number => (Math.atan2(p.y - centre.y, p.x - centre.x) * 180) / Math.PI;
  const start = angle(from);
  const placed = grip === 'photo' ? placedPicture(opening, context) : undefined;
  return {
    move(at) {
      const by = angle(at) - start;
      if (placed) {
        const properties = turnPhoto(opening, stepped(normalTurn(placed.placement.turn + by)), context);
        return changeOpening(context.sheet, opening, properties, `Turn ${pictureWord(opening.fill)} in ${opening.name}`);
      }
      const turn = stepped(normalTurn(opening.box.turn + by));
      const box = { ...opening.box, turn };
      const properties = setBoxByGrip(opening, grip, box, context);
      return changeOpening(context.sheet, opening, properties, `Turn ${opening.name}`);
    },
  };
}

/** A turn close to a multiple of 15 degrees comes to lie on it. */
export function stepped(turn: number): number {
  const nearest = Math.round(turn / TURN_STEP) * TURN_STEP;
  return Math.abs(nearest - turn) <= TURN_REACH ? nearest : turn;
}

/** Scales the photo by one of its registration marks; the opposite corner stays where that keeps the opening covered. */
export function photoScaleGesture(opening: Opening, corner: Point, opposite: Point, context: GripContext): Gesture {
  const start = Math.hypot(corner.x - opposite.x, corner.y - opposite.y);
  const about = apply(invert(boxMatrix(opening.box)), opposite);
  return {
    move(at) {
      const placed = placedPicture(opening, context);
      if (!placed || start === 0) return null;
      const [dx, dy] = [(corner.x - opposite.x) / start, (corner.y - opposite.y) / start];
      const reach = (at.x - opposite.x) * dx + (at.y - opposite.y) * dy;
      const factor = Math.max(reach / start, 0.02);
      return changeOpening(
        context.sheet,
        opening,
        scalePhoto(opening, factor, about, context),
        `Scale ${pictureWord(opening.fill)} in ${opening.name}`,
      );
    },
  };
}
