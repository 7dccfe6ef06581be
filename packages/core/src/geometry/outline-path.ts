import type { Outline } from '../document/outline.js';
import type { Shaper } from '../lettering/shaper.js';
import { letteringPath } from '../lettering/lettering-path.js';
import { scaling } from './matrix.js';
import { polygonPath, regularPoints, starPoints, trapezoidPoints } from './outlines/cornered.js';
import { dropletPath, heartPath, leafPath } from './outlines/natural.js';
import { speechPath, ticketPath, tornPath } from './outlines/paper.js';
import { rectanglePath } from './outlines/rectangle.js';
import { archPath, ellipsePath, ringPath } from './outlines/round.js';
import { transformPath, type Path } from './path.js';
import { readPathData } from './path-data.js';

/** Whether the fill is put into the corners in perspective. */
export function isWarped(outline: Outline): boolean {
  return outline.type === 'corners' && outline.warp;
}

/**
 * The path of an outline in its box's own frame: 0..width, 0..height in px of the sheet.
 * @param shaper - sets lettering; other outlines do not need it.
 */
export function outlinePath(outline: Outline, width: number, height: number, shaper: Shaper): Path {
  switch (outline.type) {
    case 'rectangle':
      return rectanglePath(width, height, outline.radii);
    case 'ellipse':
      return ellipsePath(width, height);
    case 'arch':
      return archPath(width, height);
    case 'polygon':
      return polygonPath(regularPoints(outline.points), width, height);
    case 'star':
      return polygonPath(starPoints(outline.points, outline.depth), width, height);
    case 'trapezoid':
      return polygonPath(trapezoidPoints(outline.slant), width, height);
    case 'heart':
      return heartPath(width, height);
    case 'leaf':
      return leafPath(width, height);
    case 'droplet':
      return dropletPath(width, height);
    case 'ticket':
      return ticketPath(outline.notch, width, height);
    case 'ring':
      return ringPath(outline.hole, width, height);
    case 'speech':
      return speechPath(outline.tail, outline.reach, width, height);
    case 'torn':
      return tornPath(outline.seed, outline.depth, width, height);
    case 'path':
      return freePath(outline.d, width, height);
    case 'corners':
      return polygonPath(outline.points, width, height);
    case 'lettering':
      return letteringPath(outline, width, height, shaper);
  }
}

/** @param d - path data in shares of the box. */
function freePath(d: string, width: number, height: number): Path {
  return transformPath(scaling(width, height), readPathData(d).path);
}
