import type { Sheet } from '../document/project.js';
import type { Bounds } from '../geometry/bounds.js';
import type { Point } from '../geometry/matrix.js';

/** Where in an area something is to lie, along one axis. */
export type Alignment = 'left' | 'centre' | 'right' | 'top' | 'middle' | 'bottom';

/** What is to be added to the place of a box so that it lies there in an area, px. The other axis stays. */
export function alignBy(box: Bounds, area: Bounds, where: Alignment): Point {
  switch (where) {
    case 'left':
      return { x: area.x - box.x, y: 0 };
    case 'centre':
      return { x: area.x + (area.width - box.width) / 2 - box.x, y: 0 };
    case 'right':
      return { x: area.x + area.width - box.width - box.x, y: 0 };
    case 'top':
      return { x: 0, y: area.y - box.y };
    case 'middle':
      return { x: 0, y: area.y + (area.height - box.height) / 2 - box.y };
    case 'bottom':
      return { x: 0, y: area.y + area.height - box.height - box.y };
  }
}

/** The part of a sheet within its margins; all of it where they leave nothing. */
export function withinMargins({ width, height, margin }: Pick<Sheet, 'width' | 'height' | 'margin'>): Bounds {
  const inner = { x: margin, y: margin, width: width - 2 * margin, height: height - 2 * margin };
  return inner.width > 0 && inner.height > 0 ? inner : { x: 0, y: 0, width, height };
}
