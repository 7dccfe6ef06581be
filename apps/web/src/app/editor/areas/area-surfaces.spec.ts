import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { keepArea, removeArea, type ClothForm, type Photo, type PhotoArea } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { Server } from '../../api/server';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { EditorActions } from '../state/editor.actions';
import { AreaEngine } from './area-engine';
import { AreaLibrary } from './area-library';
import { AreaSurfaces } from './area-surfaces';
import type { SeenSurface } from './area.worker';

const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'room', width: 600, height: 400 };
const area: PhotoArea = {
  id: 'area_1',
  name: 'Pane',
  form: { type: 'round', centre: { x: 100, y: 100 }, rx: 50, ry: 40, turn: 0 },
};
/** Evenly laid places of cloth. */
const points: ClothForm['points'] = Array.from({ length: 16 }, (_, i) => ({
  x: 100 + 40 * (i % 4),
  y: 80 + 40 * Math.floor(i / 4),
}));
const plain = { base: [0.6, 0.5, 0.4], light: [0.7, 0.6, 0.5] } as const;
const seen: SeenSurface = { plain, front: { matte: new Uint8Array([1]), plate: new Uint8Array([2]) }, folds: null };
const front = { matteSha256: '1'.repeat(64), plateSha256: '2'.repeat(64) };
const STEP = 'Opening in Pane';

let editor: OpenedEditor;
let surfaces: AreaSurfaces;
const engine = { see: vi.fn<AreaEngine['see']>() };
const server = { addMatte: vi.fn<Server['addMatte']>() };
const library = { keep: vi.fn<AreaLibrary['keep']>() };
const notices = { say: vi.fn<Notices['say']>() };
const uploading = signal<ReadonlySet<string>>(new Set());

beforeEach(() => {
  vi.resetAllMocks();
  uploading.set(new Set());
  engine.see.mockResolvedValue(seen);
  server.addMatte.mockImplementation((_id, png) => Promise.resolve(String(png[0]).repeat(64)));
  editor = openedEditor(
    [shaped('room')],
    [
      AreaSurfaces,
      { provide: AreaEngine, useValue: engine },
      { provide: AreaLibrary, useValue: library },
      { provide: Server, useValue: server },
      { provide: Notices, useValue: notices },
      { provide: PhotoLibrary, useValue: { uploadingIds: uploading } },
    ],
  );
  editor.session.commit({ name: 'Photos', operations: [{ type: 'add-photo', photo }] });
  editor.session.commit(keepArea(photo, area, STEP));
  surfaces = TestBed.inject(AreaSurfaces);
  TestBed.tick();
});

const kept = (): PhotoArea | undefined => editor.project().photos[photo.id]!.areas?.[0];

describe('looking at the surface of an area', () => {
  it('keeps what was found with the area, in the step in which something was laid there', async () => {
    await surfaces.begin(photo, area, STEP);
    expect(kept()).toEqual({ ...area, surface: plain, front });
    expect(library.keep).toHaveBeenCalledWith(photo, { ...area, surface: plain, front });
    editor.store.dispatch(EditorActions.undo());
    expect(kept()).toBeUndefined();
  });

  it('does not look twice', async () => {
    await surfaces.begin(photo, { ...area, surface: plain }, STEP);
    expect(engine.see).not.toHaveBeenCalled();
  });

  it('says so while it looks, and waits until the photo is stored', async () => {
    uploading.set(new Set([photo.id]));
    TestBed.tick();
    const done = surfaces.begin(photo, area, STEP);
    expect(surfaces.looking()).toEqual(new Set([area.id]));
    await Promise.resolve();
    expect(engine.see).not.toHaveBeenCalled();
    uploading.set(new Set());
    TestBed.tick();
    await done;
    expect(kept()?.front).toEqual(front);
    expect(surfaces.looking().size).toBe(0);
  });

  it('nothing in front and no plain surface: nothing is sent, and the area is as it was', async () => {
    engine.see.mockResolvedValue({ plain: null, front: null, folds: null });
    await surfaces.begin(photo, area, STEP);
    expect(server.addMatte).not.toHaveBeenCalled();
    expect(kept()).toEqual(area);
  });

  it('what was taken back meanwhile is not brought again; the photo keeps it', async () => {
    const done = surfaces.begin(photo, area, STEP);
    const now = editor.project().photos[photo.id]!;
    editor.session.commit(removeArea(now, area.id));
    await done;
    expect(kept()).toBeUndefined();
    expect(library.keep).toHaveBeenCalledOnce();
  });

  describe('of cloth', () => {
    const cloth: PhotoArea = { id: 'area_2', name: 'Bag', form: { type: 'cloth', points }, printed: true };
    const folds = { middle: { x: 300, y: 200 }, rises: Array.from({ length: 576 }, (_, i) => i / 1e5) };
    const bag = (): PhotoArea | undefined => editor.project().photos[photo.id]!.areas?.find(({ id }) => id === 'area_2');

    beforeEach(() => {
      editor.session.commit(keepArea(editor.project().photos[photo.id]!, cloth, 'Move a place of Bag'));
    });

    it('keeps its folds with its places, in the step in which these were moved; nothing stands in front of it', async () => {
      engine.see.mockResolvedValue({ ...seen, folds });
      await surfaces.readFolds(photo, cloth, 'Move a place of Bag');
      expect(bag()).toEqual({ ...cloth, form: { ...cloth.form, folds }, surface: plain });
      expect(server.addMatte).not.toHaveBeenCalled();
      editor.store.dispatch(EditorActions.undo());
      expect(bag()).toBeUndefined();
    });

    it('read because a person asks they are a step of its own, and it is said when there are none', async () => {
      engine.see.mockResolvedValue({ ...seen, folds });
      await surfaces.sayFolds(photo, cloth);
      expect(editor.steps().at(-1)).toBe('Folds of Bag');
      editor.store.dispatch(EditorActions.undo());
      expect(bag()).toEqual(cloth);
      engine.see.mockResolvedValue(seen);
      await surfaces.sayFolds(photo, cloth);
      expect(bag()).toEqual(cloth);
      expect(notices.say.mock.lastCall?.[0]).toMatch(/^Light falls evenly on Bag/);
    });

    it('says nothing when places were moved and there are no folds', async () => {
      await surfaces.readFolds(photo, cloth, 'Move a place of Bag');
      expect(bag()).toEqual(cloth);
      expect(notices.say).not.toHaveBeenCalled();
    });
  });

  it('what a person says is a step of its own, and of two the later one counts', async () => {
    const mark = (x: number) => ({ kind: 'keep', points: [x, 10], width: 8 }) as const;
    const first = surfaces.say(photo, area, { marks: [mark(1)] }, 'This is in front of Pane');
    const second = surfaces.say(photo, area, { marks: [mark(1), mark(2)] }, 'This is in front of Pane');
    expect(await Promise.all([first, second])).toEqual([false, true]);
    expect(kept()?.hints?.marks).toHaveLength(2);
    editor.store.dispatch(EditorActions.undo());
    expect(kept()).toEqual(area);
  });

  it('says what could not be kept, and changes nothing', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    server.addMatte.mockRejectedValue(new Error('The server is away.'));
    expect(await surfaces.say(photo, area, {}, 'Look again')).toBe(false);
    expect(notices.say.mock.lastCall?.[0]).toMatch(/^What stands in front of Pane could not be kept/);
    expect(kept()).toEqual(area);
    expect(surfaces.looking().size).toBe(0);
  });
});
