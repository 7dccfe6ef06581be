import { imprintSheet, type GripContext, type Opening, type Sheet } from '@kadrosyn/core';
import { describe, expect, it } from 'vitest';
import { shaped } from '../../../testing/opened-editor';
import { chosenArtwork, imprintIn, productGrip, productOf, removeImprintEdit } from './imprint-edits';
import { deleteWord } from './item-edits';

const empty = imprintSheet({ name: 'Side', form: { type: 'traced', d: 'M0 0H9V9Z' }, size: { width: 100, height: 60 } }, 1);
const imprint: Sheet = { ...empty, id: 'imprint', items: [shaped('logo', { name: 'Logo' }), shaped('words', { name: 'Words' })] };
const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const shown: Opening = shaped('shown', {
  name: 'Side',
  fill: { type: 'sheet', sheetId: 'imprint', placement },
  host: { itemId: 'mug', areaId: 'side', opaque: 0 },
});
const page: Sheet = { ...empty, id: 'page', items: [shaped('mug', { name: 'Mug' }), shown] };
const sheets = [page, imprint];
// Nothing here sets letters.
const context = { sheet: page, sheets, photos: {}, shaper: null as never, artworkId: null } satisfies GripContext & {
  artworkId: null;
};

describe('edits of an imprint on its product', () => {
  it('know an imprint from a page that is shown', () => {
    expect(imprintIn(context, shown)?.sheet.id).toBe('imprint');
    const { role: _role, ...plain } = imprint;
    expect(imprintIn({ sheets: [page, plain] }, shown)).toBeNull();
    expect(imprintIn(context, shaped('other'))).toBeNull();
  });

  it('are of the chosen piece, else of the only one', () => {
    const view = imprintIn(context, shown)!;
    expect(chosenArtwork(view, 'words')?.name).toBe('Words');
    expect(chosenArtwork(view, null)).toBeNull();
    expect(chosenArtwork({ ...view, sheet: { ...imprint, items: [imprint.items[0]!] } }, null)?.name).toBe('Logo');
  });

  it('say what Delete would take: a piece, or all that is printed', () => {
    const chosen = { ...context, artworkId: 'logo' };
    expect(deleteWord(shown, 'photo', chosen)).toEqual({ removes: 'photo', words: 'removes Logo, the imprint stays' });
    expect(deleteWord(shown, 'opening', chosen)).toEqual({ removes: 'item', words: 'removes all that is printed on Side' });
    expect(deleteWord(shown, 'photo', context).removes).toBe('item');
  });

  it('take the sheet of an imprint along, unless another product shows it', () => {
    const view = imprintIn(context, shown)!;
    const taken = removeImprintEdit({ sheets }, context, view);
    expect(taken.operations.map(({ type }) => type)).toEqual(['remove-item', 'remove-sheet']);
    const twice: Sheet = { ...page, items: [...page.items, { ...shown, id: 'again' }] };
    const kept = removeImprintEdit({ sheets: [twice, imprint] }, { ...context, sheet: twice }, view);
    expect(kept.operations.map(({ type }) => type)).toEqual(['remove-item']);
  });

  it('move the product with the grip on it, or its photo where that lies behind the sheet', () => {
    expect(productOf(context, shown)?.name).toBe('Mug');
    expect(productGrip(shaped('mug'))).toBe('both');
    expect(productGrip(shaped('behind', { role: 'background', fill: { type: 'photo', photoId: 'kiln', placement } }))).toBe(
      'photo',
    );
  });
});
