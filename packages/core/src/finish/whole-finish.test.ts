import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { Finish } from '../document/finish.js';
import { findItem } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import { openProject } from '../document/open-project.js';
import type { Project } from '../document/project.js';
import { RIM_PRESETS } from './rim-presets.js';
import {
  applyFinish,
  applyStyle,
  changeDeveloping,
  changeFinish,
  finishOf,
  updateStyle,
  wholeFinishOf,
  withoutFinish,
  type Style,
} from './whole-finish.js';

const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
const photo = { id: 'p', sha256: 'a'.repeat(64), name: 'p', width: 10, height: 10 };
const shadow = { distance: 4, blur: 8, strength: 0.5 };
const full: Finish = { outline: { align: 'inside', width: 6, paint: '#ffffff' }, shadow, opacity: 0.8, blend: 'multiply' };
const shown = testOpening('shown', {
  finish: full,
  fill: { type: 'photo', photoId: 'p', placement, blur: 4, tone: { warmth: 0.2 } },
});
const plain = testOpening('plain', { fill: { type: 'photo', photoId: 'p', placement } });
const group = testGroup('group', [testOpening('inner')]);
const project: Project = { ...testProject([shown, plain, group]), photos: { p: photo } };
const sheet = project.sheets[0]!;

function after(edit: ReturnType<typeof changeFinish>, id: string, of: Project = project) {
  const changed = applyEdit(of, edit);
  // Whatever an edit does must still be a project that can be read, and taken back.
  expect(openProject(JSON.parse(JSON.stringify(changed)))).toMatchObject({ ok: true });
  expect(applyEdit(changed, invertEdit(edit))).toEqual(of);
  return findItem(changed.sheets[0]!.items, id)!;
}

describe('the finish of items', () => {
  it('is changed for several at once, each from its own', () => {
    const edit = changeFinish(
      sheet,
      [shown, plain, group],
      (finish) => ({ ...finish, shadow: { ...shadow, blur: 2 } }),
      'Shadow',
    );
    expect(finishOf(after(edit, 'shown'))).toEqual({ ...full, shadow: { ...shadow, blur: 2 } });
    expect(finishOf(after(edit, 'plain'))).toEqual({ shadow: { ...shadow, blur: 2 } });
    expect(after(edit, 'group')).toMatchObject({ finish: { shadow: { ...shadow, blur: 2 } } });
  });

  it('leaves nothing behind where a part is taken away', () => {
    const edit = changeFinish(sheet, [shown], ({ shadow: _shadow, ...rest }) => rest, 'No shadow');
    expect('shadow' in finishOf(after(edit, 'shown'))).toBe(false);
    const undefinedPart = changeFinish(sheet, [shown], (finish) => ({ ...finish, rim: undefined as never }), 'No rim');
    expect('rim' in finishOf(after(undefinedPart, 'shown'))).toBe(false);
  });

  it('is copied with the way the photo is developed, and pasted longer or shorter', () => {
    const whole = wholeFinishOf(shown);
    expect(whole).toEqual({ finish: full, developing: { blur: 4, tone: { warmth: 0.2 } } });
    const pasted = after(applyFinish(sheet, [plain], whole, 'Paste finish', { factor: 2 }), 'plain') as Opening;
    expect(pasted.finish.outline!.width).toBe(12);
    expect(pasted.finish.shadow).toEqual({ distance: 8, blur: 16, strength: 0.5 });
    expect(pasted.fill).toMatchObject({ blur: 8, tone: { warmth: 0.2 }, placement });
    expect(after(applyFinish(sheet, [group], whole, 'Paste finish'), 'group')).toMatchObject({
      opacity: 0.8,
      finish: { shadow },
    });
  });

  it('of a photo is changed alone, in groups as well', () => {
    const inside = testGroup('g', [plain]);
    const nested = { ...testProject([inside]), photos: { p: photo } };
    const edit = changeDeveloping(nested.sheets[0]!, [inside], (before) => ({ ...before, tone: { contrast: 0.5 } }), 'Contrast');
    expect(after(edit, 'plain', nested)).toMatchObject({ fill: { tone: { contrast: 0.5 } }, finish: {} });
  });

  it('can be looked at as if there was none', () => {
    const bare = withoutFinish(sheet, ['shown', 'group']);
    expect(bare.items[0]).toMatchObject({ finish: {}, fill: { type: 'photo', placement } });
    expect('tone' in (bare.items[0] as Opening).fill).toBe(false);
    expect(bare.items[1]).toBe(sheet.items[1]);
    expect(withoutFinish(sheet, [])).toBe(sheet);
  });
});

describe('a style', () => {
  const style: Style = { id: 'style_1', name: 'Soft card', revision: 3, side: 500, finish: { shadow }, developing: {} };

  it('fits the size of the sheet, and is remembered by what has it', () => {
    const factor = Math.min(sheet.width, sheet.height) / 500;
    const item = after(applyStyle(sheet, [shown], style), 'shown') as Opening;
    expect(item.finish).toEqual({
      shadow: { distance: 4 * factor, blur: 8 * factor, strength: 0.5 },
      style: { id: 'style_1', revision: 3 },
    });
    expect(item.fill).not.toHaveProperty('tone');
  });

  it('changes everywhere it is used, and nowhere else', () => {
    const using = applyEdit(project, applyStyle(sheet, [shown, plain], style));
    const later: Style = { ...style, revision: 4, finish: { opacity: 0.4 } };
    const edit = updateStyle(using, later)!;
    expect(edit.operations).toHaveLength(2);
    const changed = applyEdit(using, edit);
    for (const id of ['shown', 'plain'])
      expect(finishOf(findItem(changed.sheets[0]!.items, id)!)).toEqual({ opacity: 0.4, style: { id: 'style_1', revision: 4 } });
    expect(updateStyle(changed, later, true)).toBeNull();
    expect(updateStyle(project, style)).toBeNull();
  });
});

describe('rims', () => {
  it('have a thick foot as an instant print, or are even', () => {
    const [card, print] = RIM_PRESETS.map(({ widths }) => widths({ width: 400, height: 300 }));
    expect(card).toEqual({ top: 15, right: 15, bottom: 15, left: 15 });
    expect(print!.bottom).toBeGreaterThan(3 * print!.top);
    for (const { widths } of RIM_PRESETS) {
      const { top, bottom, left, right } = widths({ width: 100, height: 100 });
      expect(top + bottom).toBeLessThan(60);
      expect(left + right).toBeLessThan(60);
    }
  });
});
