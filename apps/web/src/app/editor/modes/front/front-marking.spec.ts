import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Photo, PhotoArea, Placement } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../../testing/opened-editor';
import { AreaSurfaces } from '../../areas/area-surfaces';
import { FrontMarking } from './front-marking';

const area: PhotoArea = {
  id: 'area_1',
  name: 'Pane',
  form: { type: 'round', centre: { x: 300, y: 200 }, rx: 50, ry: 40, turn: 0 },
};
const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'room', width: 600, height: 400, areas: [area] };
/** 60 x 40 px of the sheet, about its middle, show the whole photo. */
const placement: Placement = { x: 30, y: 20, scale: 0.1, turn: 0, flipX: false, flipY: false };
const inside = shaped('print', { host: { itemId: 'room', areaId: area.id } });

let editor: OpenedEditor;
let marking: FrontMarking;
const looking = signal<ReadonlySet<string>>(new Set());
const surfaces = { say: vi.fn<AreaSurfaces['say']>(), looking };

beforeEach(() => {
  vi.resetAllMocks();
  looking.set(new Set());
  surfaces.say.mockResolvedValue(true);
  editor = openedEditor(
    [shaped('room', { fill: { type: 'photo', photoId: photo.id, placement } }), inside, shaped('free')],
    [FrontMarking, { provide: AreaSurfaces, useValue: surfaces }],
  );
  editor.session.commit({ name: 'Photo', operations: [{ type: 'add-photo', photo }] });
  marking = TestBed.inject(FrontMarking);
  editor.session.select('print');
});

describe('marking what stands in front', () => {
  it('is on while an opening that lies in an area is selected', () => {
    marking.begin(shaped('free'));
    expect(marking.active()).toBe(false);
    marking.begin(inside);
    expect(marking.active()).toBe(true);
    TestBed.tick();
    editor.session.select('room');
    TestBed.tick();
    expect(marking.active()).toBe(false);
  });

  it('speaks of px of the photo', () => {
    marking.begin(inside);
    expect(marking.placeOf({ x: 200, y: 150 })).toMatchObject({
      x: expect.closeTo(300, 6) as number,
      y: expect.closeTo(200, 6) as number,
    });
  });

  it('adds each stroke to those before, by what it says and how wide it is', async () => {
    marking.begin(inside);
    marking.setWidth(12);
    marking.mark([
      { x: 10.04, y: 20 },
      { x: 30, y: 20 },
    ]);
    await Promise.resolve();
    const front = { kind: 'keep', points: [10, 20, 30, 20], width: 12 };
    expect(surfaces.say).toHaveBeenLastCalledWith(photo, area, { marks: [front] }, 'This is in front of Pane');
    marking.isFront.set(false);
    looking.set(new Set([area.id]));
    marking.mark([{ x: 5, y: 6 }]);
    const not = { kind: 'leave-out', points: [5, 6], width: 12 };
    expect(surfaces.say.mock.lastCall![2].marks).toContainEqual(not);
    expect(surfaces.say.mock.lastCall![3]).toBe('This is not in front of Pane');
    expect(marking.isLooking()).toBe(true);
  });

  it('shows strokes until they have been looked at', async () => {
    let done: (kept: boolean) => void = () => undefined;
    surfaces.say.mockReturnValue(new Promise<boolean>((resolve) => (done = resolve)));
    marking.begin(inside);
    marking.mark([{ x: 1, y: 2 }]);
    expect(marking.waiting()).toHaveLength(1);
    done(true);
    await vi.waitFor(() => expect(marking.waiting()).toHaveLength(0));
  });

  it('takes all of them back, and leaves what else is said', () => {
    const hinted: PhotoArea = { ...area, hints: { marks: [{ kind: 'keep', points: [1, 2] }], cutouts: ['c'.repeat(64)] } };
    const change = { type: 'change-photo', photoId: photo.id, before: { areas: [area] }, after: { areas: [hinted] } } as const;
    editor.session.commit({ name: 'Hints', operations: [change] });
    marking.begin(inside);
    expect(marking.marks()).toHaveLength(1);
    marking.clear();
    expect(surfaces.say.mock.lastCall![2]).toEqual({ cutouts: ['c'.repeat(64)] });
  });
});
