import type { Sheet } from '../document/project.js';

/** How a finished sheet is looked at. */
export interface Looking {
  readonly id: 'phone' | 'screen' | 'print' | 'wall';
  readonly name: string;
}

export const LOOKINGS: readonly Looking[] = [
  { id: 'phone', name: 'On a phone' },
  { id: 'screen', name: 'On a screen' },
  { id: 'print', name: 'In the hand' },
  { id: 'wall', name: 'On a wall' },
];

/** px of the longer side on a phone and on a screen, as CSS counts them. */
const [PHONE, SCREEN] = [390, 960];
/** What an eye can tell apart at arm's length (40 cm) and from 2 m: a minute of arc is 0.12 and 0.58 mm; px per inch. */
const [HAND, WALL] = [218, 44];

/** px as it is looked at to one px of the sheet. Never more than the sheet has. */
export function seenScale(sheet: Pick<Sheet, 'width' | 'height' | 'dpi'>, looking: Looking['id']): number {
  const longer = Math.max(sheet.width, sheet.height);
  const scale = { phone: PHONE / longer, screen: SCREEN / longer, print: HAND / sheet.dpi, wall: WALL / sheet.dpi }[looking];
  return Math.min(1, scale);
}

/** How a sheet is looked at when nobody says: one in mm or inches is printed, and a large one hangs on a wall. */
export function usualLooking(sheet: Pick<Sheet, 'width' | 'height' | 'dpi'>, unit: 'px' | 'mm' | 'in'): Looking['id'] {
  if (unit === 'px') return 'screen';
  return Math.max(sheet.width, sheet.height) / sheet.dpi > 11.8 ? 'wall' : 'print';
}
