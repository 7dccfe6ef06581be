import { newProject, newSheet } from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { fileWord, nameOf, requestOf, scaleOf } from './export-request';
import { FIRST_SETTINGS, keepSettings, keptSettings } from './export-settings';

const project = newProject('Card', { width: 105, height: 148, unit: 'mm' });
const second = newSheet({ width: 200, height: 100, unit: 'px' }, 'Second');
const imprint = { ...newSheet({ width: 50, height: 50, unit: 'mm' }, 'On the mug'), role: 'imprint' as const };
const full = { ...project, sheets: [...project.sheets, second, imprint] };
const [card] = project.sheets;

describe('what is asked for', () => {
  it('is the sheet that is shown as a PNG where nobody chose anything', () => {
    expect(requestOf(FIRST_SETTINGS, full, card!)).toEqual({
      sheetIds: [card!.id],
      file: { type: 'png', scale: 1, fewColours: false, onWhite: false },
    });
    expect(fileWord(FIRST_SETTINGS)).toBe('PNG');
  });

  it('is a width in px, whatever the sheet', () => {
    const shop = { ...FIRST_SETTINGS, purpose: 'shop' } as const;
    expect(requestOf(shop, full, second).file).toEqual({ type: 'jpeg', scale: 10, quality: 92, mostBytes: 500_000 });
    expect(scaleOf({ by: 'height', px: 50 }, second)).toBe(0.5);
    expect(scaleOf({ by: 'width', px: 1e6 }, second)).toBe(20);
    expect(fileWord(shop)).toBe('JPEG');
  });

  it('is every page, not what lies on products; an imprint alone where that is shown', () => {
    const all = { ...FIRST_SETTINGS, screen: { ...FIRST_SETTINGS.screen, all: true } };
    expect(requestOf(all, full, second).sheetIds).toEqual([card!.id, second.id]);
    expect(requestOf(all, full, imprint).sheetIds).toEqual([imprint.id]);
  });

  it('is paper with the bleed of the sheet, or the one that was typed', () => {
    const paper = { ...FIRST_SETTINGS, purpose: 'paper' } as const;
    const bled = { ...card!, bleed: (3 * card!.dpi) / 25.4 };
    expect(requestOf(paper, full, bled).file).toMatchObject({ type: 'pdf', bleed: 3, dpi: 300, arrange: 'pages' });
    // Where there is bleed it is marked where to cut, unless nobody wants that; all pages go onto paper.
    expect(requestOf(paper, full, bled).file).toMatchObject({ marks: true });
    expect(requestOf(paper, full, card!)).toMatchObject({ sheetIds: [card!.id, second.id], file: { marks: false } });
    const one = { ...paper, paper: { ...paper.paper, all: false, marks: false } };
    expect(requestOf(one, full, bled).file).toMatchObject({ marks: false });
    expect(requestOf(one, full, card!).sheetIds).toEqual([card!.id]);
    const typed = { ...paper, paper: { ...paper.paper, bleed: 0 } };
    expect(requestOf(typed, full, bled).file).toMatchObject({ bleed: 0 });
  });

  it('is layers at a size, and the name that was typed, whatever it is for', () => {
    const layers = { ...FIRST_SETTINGS, purpose: 'layers', layers: { size: { by: 'width', px: 100 }, all: false } } as const;
    expect(requestOf(layers, full, second)).toEqual({ sheetIds: [second.id], file: { type: 'ora', scale: 0.5 } });
    expect(fileWord(layers)).toBe('layers');
    for (const purpose of ['screen', 'shop', 'paper', 'layers', 'project'] as const) {
      expect(requestOf({ ...layers, purpose, name: '{size} {sheet}' }, full, second).name).toBe('{size} {sheet}');
      expect(requestOf({ ...layers, purpose, name: '  ' }, full, second)).not.toHaveProperty('name');
    }
  });

  it('has a name that is known before', () => {
    const typed = { ...FIRST_SETTINGS, name: '{sheet} {size}' };
    expect(nameOf(requestOf(typed, full, second), full)).toBe('Second 200x100');
    expect(nameOf(requestOf({ ...typed, purpose: 'project' }, full, second), full)).toBe('Card');
    expect(nameOf(requestOf(FIRST_SETTINGS, full, second), full)).toBe('Card - Second');
  });
});

describe('how it was done last', () => {
  beforeEach(() => localStorage.clear());

  it('is known when the window is opened again', () => {
    const changed = { ...FIRST_SETTINGS, purpose: 'paper', paper: { ...FIRST_SETTINGS.paper, bleed: 3, marks: true } } as const;
    keepSettings(changed);
    expect(keptSettings()).toEqual(changed);
  });

  it('is kept where there was less to ask', () => {
    const { layers: _layers, name: _name, ...earlier } = { ...FIRST_SETTINGS, purpose: 'shop' } as const;
    localStorage.setItem('kadrosyn:handed-over', JSON.stringify(earlier));
    expect(keptSettings()).toEqual({ ...FIRST_SETTINGS, purpose: 'shop' });
  });

  it('begins anew where something else was kept', () => {
    for (const kept of ['no JSON', 'null', '{"purpose":"sea"}', JSON.stringify({ ...FIRST_SETTINGS, paper: { dpi: '300' } })]) {
      localStorage.setItem('kadrosyn:handed-over', kept);
      expect(keptSettings()).toEqual(FIRST_SETTINGS);
    }
  });
});
