import fc from 'fast-check';
import type { ItemProperties } from '../src/document/edit.js';
import { changeItem } from '../src/document/make-edit.js';
import { withText } from '../src/lettering/letter-ids.js';
import { type EditRecipe, share, length, pick, allItems } from './edit-recipe.js';

/** Fills with everything a photo can have, overhangs, rims, and the text of a lettering. */
export const ofOpening = fc
  .tuple(share, share, length, fc.string({ maxLength: 8 }), fc.integer({ min: 0, max: 4 }), share)
  .map(([at, which, n, text, kind, one]): EditRecipe => (project) => {
    const sheet = pick(project.sheets, at)!;
    const openings = allItems(sheet.items).filter((item) => item.type === 'opening');
    const opening = pick(openings, which);
    const shown = pick(Object.keys(project.photos), one);
    if (!opening || (kind === 0 && shown === undefined)) return null;
    const { outline } = opening;
    const run =
      outline.type === 'lettering'
        ? outline.runs[0]!
        : { text: 'AB', face: 'archivo', axes: {}, size: 20, tracking: 0, letterIds: ['a', 'b'] };
    const placement = n > 450 ? `shared${Math.floor(n)}` : { x: n, y: n, scale: 1, turn: n % 360, flipX: false, flipY: true };
    const after: ItemProperties = [
      {
        fill: {
          type: 'photo',
          photoId: shown ?? '',
          placement,
          cutout: { id: 'cut', revision: (n < 300 ? 'a' : 'b').repeat(64) },
          show: n > 300 ? 'subject' : 'photo',
          tone: { curve: [{ x: 0, y: n / 900 }], warmth: 0.2 },
          effects: [{ kind: 'halftone', strength: n / 900, ink: '#102030' }],
        },
      },
      {
        overhangs: {
          sides: { top: n > 200, right: false, bottom: n > 400, left: true },
          pieces: [{ at: { x: n, y: 3 }, out: true }],
          cuts: [
            [
              { x: 0, y: n },
              { x: n, y: 0 },
            ],
          ],
          shadow: { distance: n / 50, blur: 4, strength: 0.5 },
        },
      },
      { overhangs: null },
      {
        finish: {
          rim: { top: n, right: 1, bottom: 2, left: 3, colour: '#ffffff' },
          innerShade: { colour: '#000000', blur: n, strength: 0.4 },
        },
      },
      { outline: { type: 'lettering', runs: [withText(run, text)], align: 'left', leading: 1.2 } },
    ][kind] as ItemProperties;
    return changeItem(sheet, opening, after, 'Change opening');
  });
