import fc from 'fast-check';
import { crossingKey, type Crossing } from '../src/document/crossing.js';
import { changeSheet, type SheetChange } from '../src/document/make-edit.js';
import type { Sheet } from '../src/document/project.js';
import { type EditRecipe, share, length, pick } from './edit-recipe.js';

/** The crossings of a sheet with this one in the place of the one of its pair, or behind all. */
function withCrossing(sheet: Sheet, crossing: Crossing): Crossing[] {
  const key = crossingKey(crossing);
  const isKnown = sheet.crossings.some((other) => crossingKey(other) === key);
  if (!isKnown) return [...sheet.crossings, crossing];
  return sheet.crossings.map((other) => (crossingKey(other) === key ? crossing : other));
}

/** Parts of the document that belong to the sheet as a whole. */
export const ofSheet = fc
  .tuple(share, share, share, length, fc.integer({ min: 0, max: 6 }))
  .map(([at, one, other, n, kind]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const [lower, upper] = [pick(sheet.items, one), pick(sheet.items, other)];
    const placement = { x: n, y: 2, scale: n / 300, turn: 5, flipX: n > 400, flipY: false };
    const crossing: Crossing | null =
      lower && upper
        ? {
            lower: { itemId: lower.id, part: 'subject' },
            upper: { itemId: upper.id, part: 'whole' },
            over: n > 300,
            regions: [{ at: { x: n, y: 1 }, over: n < 600 }],
            cuts: [
              [
                { x: 0, y: 0 },
                { x: n, y: n },
              ],
            ],
            ...(n > 500 ? { paint: [{ points: [{ x: 1, y: n }], width: 8, over: true }] } : {}),
          }
        : null;
    const after: SheetChange = [
      { placements: { ...sheet.placements, [`shared${Math.floor(n)}`]: placement } },
      { placements: {} },
      { crossings: crossing ? withCrossing(sheet, crossing) : [] },
      { crossings: sheet.crossings.slice(1) },
      { veil: n > 200 ? { colour: '#20272a', strength: n / 900 } : null },
      { light: n > 200 ? { angle: n % 360, height: 40 } : null },
      {
        folds: n > 200 ? [{ axis: 'vertical', at: n }] : null,
        guides: [{ id: `guide${Math.floor(n)}`, axis: 'horizontal', at: n }],
        margin: n / 10,
      },
    ][kind] as SheetChange;
    return changeSheet(sheet, after, 'Change sheet');
  });
