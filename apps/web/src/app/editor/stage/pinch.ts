import {
  apply,
  boxMatrix,
  changeOpening,
  invert,
  placedPicture,
  placePhoto,
  type Edit,
  type Opening,
  type Placement,
  type Point,
  layoutPoint,
} from '@kadrosyn/core';
import { pictureWord } from '../commands/picture-word';
import type { EditorSession } from '../session/session';
import type { Viewport } from './viewport';

/** Two fingers, css px of the stage: they scale and turn the photo, or zoom the sheet. */
export class Pinch {
  private readonly zoom: number;

  /** @param opening - whose photo is in the fingers; null for the sheet. */
  constructor(
    private readonly session: EditorSession,
    private readonly viewport: Viewport,
    readonly fingers: readonly [number, number],
    private readonly start: readonly [Point, Point],
    readonly opening: Opening | null,
  ) {
    this.zoom = viewport.zoom();
  }

  /** With a photo in the fingers its edit; otherwise the sheet is zoomed at once. */
  move(now: readonly [Point, Point]): Edit | null {
    const { opening, session, viewport } = this;
    const { factor, turned } = between(this.start, now);
    if (!opening) {
      viewport.zoomTo(this.zoom * factor, middleOf(now));
      return null;
    }
    const context = session.context();
    const placed = placedPicture(opening, context);
    if (!placed) return null;
    const toBox = invert(boxMatrix(opening.box));
    const [about, to] = [this.start, now].map((pair) => layoutPoint(opening, apply(toBox, viewport.toSheet(middleOf(pair))))) as [
      Point,
      Point,
    ];
    const next = pinchedPlacement(placed.placement, about, to, factor, turned);
    return changeOpening(
      context.sheet,
      opening,
      placePhoto(opening, next, context),
      `Scale ${pictureWord(opening.fill)} in ${opening.name}`,
    );
  }
}

/** How far two fingers have opened, and by how many degrees they have turned. */
export function between(start: readonly [Point, Point], now: readonly [Point, Point]): { factor: number; turned: number } {
  const [from, to] = [vector(start), vector(now)];
  return {
    factor: Math.hypot(to.x, to.y) / Math.max(Math.hypot(from.x, from.y), 1),
    turned: ((Math.atan2(to.y, to.x) - Math.atan2(from.y, from.x)) * 180) / Math.PI,
  };
}

/** A placement scaled and turned about a point that goes along to another, all in px of the box. */
export function pinchedPlacement(placement: Placement, about: Point, to: Point, factor: number, turned: number): Placement {
  const radians = (turned * Math.PI) / 180;
  const [dx, dy] = [(placement.x - about.x) * factor, (placement.y - about.y) * factor];
  return {
    ...placement,
    scale: placement.scale * factor,
    turn: placement.turn + turned,
    x: to.x + dx * Math.cos(radians) - dy * Math.sin(radians),
    y: to.y + dx * Math.sin(radians) + dy * Math.cos(radians),
  };
}

function vector([from, to]: readonly [Point, Point]): Point {
  return { x: to.x - from.x, y: to.y - from.y };
}

function middleOf([a, b]: readonly [Point, Point]): Point {
  return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
}
