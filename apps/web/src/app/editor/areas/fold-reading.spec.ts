import { TestBed } from '@angular/core/testing';
import { keepArea, type ClothForm, type Opening, type Photo, type PhotoArea } from '@kadrosyn/core';
import { beforeEach, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { AreaSurfaces } from './area-surfaces';
import { FoldReading } from './fold-reading';

const points = (by: number): ClothForm['points'] =>
  Array.from({ length: 16 }, (_, i) => ({ x: 100 + by + 40 * (i % 4), y: 80 + 40 * Math.floor(i / 4) }));
const folds = { middle: { x: 300, y: 200 }, rises: Array.from({ length: 576 }, () => 0) };
const area = (form: Partial<ClothForm>): PhotoArea => ({
  id: 'area_1',
  name: 'Bag',
  form: { type: 'cloth', points: points(0), ...form },
});
const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'bag', width: 600, height: 400, areas: [area({ folds })] };
const placement = { x: 30, y: 20, scale: 0.1, turn: 0, flipX: false, flipY: false };
const fill: Opening['fill'] = { type: 'photo', photoId: photo.id, placement, fit: 'fill' };

let editor: OpenedEditor;
const surfaces = { readFolds: vi.fn<AreaSurfaces['readFolds']>() };

beforeEach(() => {
  vi.resetAllMocks();
  editor = openedEditor(
    [shaped('bag', { fill }), shaped('imprint', { host: { itemId: 'bag', areaId: 'area_1' } })],
    [FoldReading, { provide: AreaSurfaces, useValue: surfaces }],
  );
  editor.session.commit({ name: 'Photo', operations: [{ type: 'add-photo', photo }] });
  TestBed.inject(FoldReading);
  editor.session.select('imprint');
  TestBed.tick();
});

const change = (form: Partial<ClothForm>, step: string): void => {
  editor.session.commit(keepArea(editor.project().photos[photo.id]!, area(form), step));
  TestBed.tick();
};

it('reads folds again when places of cloth were moved, as a part of that step', () => {
  change({ points: points(5) }, 'Move a place');
  expect(surfaces.readFolds).toHaveBeenCalledOnce();
  const [, moved, step] = surfaces.readFolds.mock.lastCall!;
  expect(moved.form).toMatchObject({ points: points(5) });
  expect(step).toBe('Move a place');
});

it('leaves cloth alone that was not moved, or whose folds came with its places', () => {
  change({ points: points(7), folds }, 'Folds');
  change({ points: points(7), folds }, 'Again');
  expect(surfaces.readFolds).not.toHaveBeenCalled();
});
