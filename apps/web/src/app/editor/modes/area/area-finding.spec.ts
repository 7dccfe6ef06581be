import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { AreaCandidate, AreaForm, Photo, PhotoArea, Placement, Point } from '@kadrosyn/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../../testing/opened-editor';
import { Server } from '../../../api/server';
import { PhotoLibrary } from '../../../photos/photo-library';
import { AreaEditing } from '../../areas/area-editing';
import { AreaEngine } from '../../areas/area-engine';
import { AreaLibrary } from '../../areas/area-library';
import { AreaSurfaces } from '../../areas/area-surfaces';
import { FrameOffer } from '../../areas/frame-offer';
import { Notices } from '../../session/notices';
import { Viewport } from '../../stage/viewport';
import { AreaFinding } from './area-finding';

const photo: Photo = { id: 'photo_a', sha256: 'a'.repeat(64), name: 'room', width: 600, height: 400 };
const other: Photo = { id: 'photo_b', sha256: 'b'.repeat(64), name: 'lake', width: 300, height: 200 };
/** 60 x 40 px of the sheet show the whole photo. */
const placement: Placement = { x: 30, y: 20, scale: 0.1, turn: 0, flipX: false, flipY: false };

function box(left: number, top: number, right: number, bottom: number): AreaForm & { readonly type: 'flat' } {
  return {
    type: 'flat',
    corners: [
      { x: left, y: top },
      { x: right, y: top },
      { x: right, y: bottom },
      { x: left, y: bottom },
    ],
  };
}
const candidate = (form: AreaForm, score: number, size: number): AreaCandidate => ({ form, score, size, level: size });
const [inner, outer] = [candidate(box(200, 100, 400, 300), 0.9, 40_000), candidate(box(150, 50, 450, 350), 0.95, 90_000)];

let editor: OpenedEditor;
let finding: AreaFinding;
const engine = {
  warm: vi.fn(),
  find: vi.fn<(photo: Photo, stroke: readonly Point[]) => Promise<readonly AreaCandidate[] | null>>(),
  as: vi.fn<AreaEngine['as']>(),
  hasPhoto: vi.fn<AreaEngine['hasPhoto']>(),
};
const server = {
  areas: vi.fn<Server['areas']>(),
  keepArea: vi.fn<Server['keepArea']>(),
  removeArea: vi.fn<Server['removeArea']>(),
};
const surfaces = { begin: vi.fn<AreaSurfaces['begin']>() };
const arrived = signal(true);
const uploading = signal<ReadonlySet<string>>(new Set());
const notices = { say: vi.fn<Notices['say']>(), sayWithUndo: vi.fn() };
const middle = { x: 300, y: 200 };

beforeEach(() => {
  vi.resetAllMocks();
  engine.find.mockResolvedValue([inner, outer]);
  arrived.set(true);
  engine.hasPhoto.mockImplementation(() => arrived());
  server.areas.mockResolvedValue([]);
  server.keepArea.mockResolvedValue();
  server.removeArea.mockResolvedValue();
  editor = openedEditor(
    [shaped('room', { fill: { type: 'photo', photoId: photo.id, placement } }), shaped('plain')],
    [
      AreaFinding,
      AreaEditing,
      AreaLibrary,
      Viewport,
      { provide: AreaEngine, useValue: engine },
      { provide: AreaSurfaces, useValue: surfaces },
      { provide: Server, useValue: server },
      { provide: Notices, useValue: notices },
      { provide: PhotoLibrary, useValue: { uploadingIds: uploading } },
    ],
  );
  editor.session.commit({
    name: 'Photos',
    operations: [
      { type: 'add-photo', photo },
      { type: 'add-photo', photo: other },
    ],
  });
  finding = TestBed.inject(AreaFinding);
});

const host = () => editor.item('room') as ReturnType<typeof shaped>;
const areas = (): readonly PhotoArea[] => editor.project().photos[photo.id]!.areas ?? [];

describe('pointing at an area', () => {
  it('begins on a photo only', () => {
    expect(finding.begin(shaped('plain'))).toBe(false);
    expect(finding.active()).toBe(false);
    expect(finding.begin(host())).toBe(true);
    expect(finding.photo()?.name).toBe('room');
    expect(engine.warm).toHaveBeenCalledOnce();
    expect(server.areas).toHaveBeenCalledWith(photo.id);
  });

  it('shows the likeliest area under the pointer, and steps to the larger and the smaller one', async () => {
    finding.begin(host());
    await finding.look([middle]);
    expect(finding.form()).toBe(inner.form);
    expect([finding.step(-1), finding.step(1)]).toEqual([false, true]);
    expect(finding.form()).toBe(outer.form);
    expect(finding.step(1)).toBe(false);
    await finding.look([{ x: -5, y: 20 }]);
    expect(finding.form()).toBeNull();
  });

  it('lays an opening in what is taken, keeps the area with its photo, and is one step to take back', async () => {
    finding.begin(host());
    await finding.look([middle]);
    finding.take();
    expect(finding.active()).toBe(false);
    expect(areas()).toEqual([
      { id: expect.stringMatching(/^area_/) as string, name: 'Area 1', form: box(199.4, 99.4, 400.6, 300.6) },
    ]);
    const laid = editor.sheet().items[1]!;
    expect(editor.session.selected()).toMatchObject({ id: laid.id, name: 'Area 1' });
    expect((laid as ReturnType<typeof shaped>).box.x).toBeCloseTo(189.94, 6);
    expect(server.keepArea).toHaveBeenCalledWith(photo.id, areas()[0]);
    expect(editor.steps().at(-1)).toBe('Opening in Area 1');
  });

  it('names the next area by the next number, and knows one again that was found before', async () => {
    for (const [find, name, count] of [
      [inner, 'Area 1', 1],
      [outer, 'Area 2', 2],
      [candidate(box(200.4, 100.3, 400.1, 300), 0.9, 40_000), 'Area 1', 2],
    ] as const) {
      engine.find.mockResolvedValueOnce([find]);
      finding.begin(host());
      await finding.look([middle]);
      finding.take();
      expect(editor.session.selected()!.name).toBe(name);
      expect(areas()).toHaveLength(count);
    }
    // What was corrected by hand is meant as it is.
    finding.begin(host());
    await finding.look([middle], true);
    finding.moveCorner(0, { x: 200.5, y: 100 });
    finding.take();
    expect(areas().map(({ name }) => name)).toEqual(['Area 1', 'Area 2', 'Area 3']);
  });

  it('keeps what is pinned while the pointer goes elsewhere, and goes back a step at a time', async () => {
    finding.begin(host());
    await finding.look([middle], true);
    expect(finding.pinned()).toBe(true);
    await finding.look([{ x: 10, y: 10 }]);
    expect(engine.find).toHaveBeenCalledOnce();
    finding.moveCorner(0, { x: 190, y: 95 });
    expect(finding.form()).toMatchObject({ corners: [{ x: 190, y: 95 }, {}, {}, {}] });
    // A corner within the others' triangle can not be seen in perspective.
    finding.moveCorner(0, { x: 390, y: 290 });
    expect(finding.form()).toMatchObject({ corners: [{ x: 190, y: 95 }, {}, {}, {}] });
    finding.goBack();
    expect([finding.pinned(), finding.active(), finding.form()]).toEqual([false, true, null]);
    finding.goBack();
    expect(finding.active()).toBe(false);
  });

  it('gives what was found another form, and says where it has none', async () => {
    finding.begin(host());
    await finding.look([middle], true);
    const round: AreaForm = { type: 'round', centre: middle, rx: 100, ry: 90, turn: 0 };
    engine.as.mockResolvedValueOnce(round);
    await finding.as('round');
    expect(finding.form()).toBe(round);
    await finding.as('flat');
    expect(finding.form()).toBe(inner.form);
    engine.as.mockResolvedValueOnce(null);
    await finding.as('traced');
    expect(finding.form()).toBe(inner.form);
    expect(notices.say).toHaveBeenCalledOnce();
  });

  it('leaves an answer that a newer question overtook, and says when the photo could not be looked at', async () => {
    finding.begin(host());
    let first: (found: readonly AreaCandidate[]) => void = () => undefined;
    engine.find.mockImplementationOnce(() => new Promise((resolve) => (first = resolve)));
    const slow = finding.look([{ x: 1, y: 1 }]);
    await finding.look([middle]);
    first([outer]);
    await slow;
    expect(finding.form()).toBe(inner.form);
    vi.spyOn(console, 'error').mockImplementationOnce(() => undefined);
    engine.find.mockRejectedValueOnce(new Error('gone'));
    await finding.look([{ x: 2, y: 2 }]);
    expect(notices.say.mock.lastCall![0]).toContain('could not be looked at');
    expect(finding.looking()).toBe(false);
  });

  it('looks at what was pointed at before the photo had arrived, once it has', async () => {
    arrived.set(false);
    finding.begin(host());
    await finding.look([middle], true);
    TestBed.tick();
    expect([engine.find.mock.calls.length, finding.isHere()]).toEqual([0, false]);
    arrived.set(true);
    TestBed.tick();
    await vi.waitFor(() => expect(finding.form()).toBe(inner.form));
    expect(finding.pinned()).toBe(true);
  });

  it('ends when something else is selected', () => {
    finding.begin(host());
    TestBed.tick();
    editor.session.select('plain');
    TestBed.tick();
    expect(finding.active()).toBe(false);
  });

  it('lets corners be placed by hand where nothing is found', () => {
    finding.begin(host());
    finding.byHand();
    expect(finding.isByHand()).toBe(true);
    finding.moveCorner(2, { x: 500, y: 350 });
    finding.take();
    expect(areas()[0]!.form).toMatchObject({ type: 'flat', corners: [{ x: 180, y: 120 }, {}, { x: 500, y: 350 }, {}] });
  });
});

describe('the list of areas', () => {
  it('has those of the project and what else is kept with the photo, each once', async () => {
    const [mine, theirs] = [
      { id: 'area_1', name: 'Pane', form: inner.form },
      { id: 'area_2', name: 'Card', form: outer.form },
    ];
    server.areas.mockResolvedValue([mine, theirs]);
    const library = TestBed.inject(AreaLibrary);
    library.ask(photo.id);
    library.ask(photo.id);
    await vi.waitFor(() => expect(library.of(photo)).toHaveLength(2));
    expect(library.of({ ...photo, areas: [{ ...mine, name: 'Window' }] }).map(({ name }) => name)).toEqual(['Window', 'Card']);
    expect(server.areas).toHaveBeenCalledOnce();
  });

  it('does not lose what was found while the list was on its way', async () => {
    const [mine, theirs] = [
      { id: 'area_1', name: 'Pane', form: inner.form },
      { id: 'area_2', name: 'Card', form: outer.form },
    ];
    let arrive: (areas: readonly PhotoArea[]) => void = () => undefined;
    server.areas.mockImplementationOnce(() => new Promise((resolve) => (arrive = resolve)));
    const library = TestBed.inject(AreaLibrary);
    library.ask(photo.id);
    library.keep(photo, mine);
    arrive([theirs]);
    await vi.waitFor(() => expect(library.of(photo).map(({ name }) => name)).toEqual(['Card', 'Pane']));
  });

  it('keeps an area once its photo has arrived on the server', () => {
    uploading.set(new Set([photo.id]));
    TestBed.inject(AreaEditing).layIn(host(), { id: 'area_1', name: 'Pane', form: inner.form });
    TestBed.tick();
    expect(server.keepArea).not.toHaveBeenCalled();
    uploading.set(new Set());
    TestBed.tick();
    expect(server.keepArea).toHaveBeenCalledOnce();
  });

  it('removes an area here and with the photo; a failure is said, and it stays there', async () => {
    const [editing, library] = [TestBed.inject(AreaEditing), TestBed.inject(AreaLibrary)];
    const area = { id: 'area_1', name: 'Pane', form: inner.form };
    editing.layIn(host(), area);
    server.removeArea.mockRejectedValueOnce(new Error('offline'));
    editing.remove(editor.project().photos[photo.id]!, area);
    expect(areas()).toEqual([]);
    expect(notices.sayWithUndo).toHaveBeenCalledWith('Pane is removed. Openings that lie in it stay.');
    await vi.waitFor(() => expect(notices.say.mock.lastCall![0]).toContain('Pane is still kept with the photo'));
    expect(library.of(photo)).toEqual([area]);
  });
});

describe('what lies in an area', () => {
  it('goes with its photo, says so, and is free when it is taken off', () => {
    const editing = TestBed.inject(AreaEditing);
    editing.layIn(host(), { id: 'area_1', name: 'Pane', form: inner.form });
    const laid = () => editor.sheet().items[1] as ReturnType<typeof shaped>;
    expect(editor.session.hostOf(laid())?.name).toBe('room');
    const before = laid().box;
    const { box } = host();
    editor.session.commit(editor.session.change(host(), { box: { ...box, x: box.x + 25 } }, 'Move room'));
    expect(laid().box.x).toBeCloseTo(before.x + 25, 6);
    // Another photo without areas: it lies free, and that is said.
    const fill = { type: 'photo', photoId: other.id, placement } as const;
    editor.session.commit(editor.session.change(host(), { fill }, 'Replace'));
    expect(laid().host).toBeUndefined();
    expect(editor.session.notice()).toContain('Pane lies free now');
  });
});

describe('a photo that is held over an area', () => {
  it('is offered to be put into it after half a second, as long as it stays in it', async () => {
    vi.useFakeTimers();
    try {
      const again = vi.fn();
      const [library, editing, viewport] = [TestBed.inject(AreaLibrary), TestBed.inject(AreaEditing), TestBed.inject(Viewport)];
      const offer = new FrameOffer(
        { session: editor.session, viewport, engine: engine as unknown as AreaEngine, library, editing },
        again,
      );
      const over = { x: 200, y: 150 };
      expect(offer.plan(other, over)).toBeNull();
      await vi.advanceTimersByTimeAsync(400);
      expect(again).not.toHaveBeenCalled();
      // A step further: the half second begins anew.
      expect(offer.plan(other, { x: over.x + 12, y: over.y })).toBeNull();
      await vi.advanceTimersByTimeAsync(400);
      expect(again).not.toHaveBeenCalled();
      await vi.advanceTimersByTimeAsync(150);
      expect(again).toHaveBeenCalledOnce();
      const plan = offer.plan(other, over)!;
      expect(offer.plan(other, { x: over.x + 3, y: over.y })).toBe(plan);
      expect(plan.edit.name).toBe('lake into Area 1');
      editor.session.commit(plan.edit, plan.select);
      expect(server.keepArea).not.toHaveBeenCalled();
      plan.after();
      expect(server.keepArea).toHaveBeenCalledWith(photo.id, areas()[0]);
      expect(editor.session.selected()).toMatchObject({
        fill: { type: 'photo', photoId: other.id },
        outline: { type: 'corners', warp: true },
      });
      expect(editor.sheet().items.map(({ name }) => name)).toEqual(['room', 'Area 1', 'plain']);
      // Outside the area there is nothing to offer any more.
      expect(offer.plan(other, { x: 172, y: 132 })).toBeNull();
      offer.end();
    } finally {
      vi.useRealTimers();
    }
  });

  it('may be a print that hangs in another area: it is hung there as it is, and nothing is offered where it hangs', async () => {
    vi.useFakeTimers();
    try {
      const [library, editing, viewport] = [TestBed.inject(AreaLibrary), TestBed.inject(AreaEditing), TestBed.inject(Viewport)];
      const [first, second] = [
        { id: 'area_1', name: 'Pane', form: inner.form },
        { id: 'area_2', name: 'Card', form: box(20, 20, 120, 90) },
      ];
      editing.layIn(host(), first);
      library.keep(photo, second);
      const named = (): ReturnType<typeof shaped> => editor.sheet().items.find(({ name }) => name === 'Pane') as never;
      const fill = { type: 'photo', photoId: other.id, placement, fit: 'fill' } as const;
      editor.session.commit(editor.session.change(named(), { fill, finish: { opacity: 0.8 } }, 'Fill'));
      const again = vi.fn();
      const parts = { session: editor.session, viewport, engine: engine as unknown as AreaEngine, library, editing };
      const offer = new FrameOffer(parts, again);
      expect(offer.planMoved(named(), { x: 200, y: 150 })).toBeNull();
      await vi.advanceTimersByTimeAsync(600);
      expect(again).not.toHaveBeenCalled();
      expect(offer.planMoved(named(), { x: 177, y: 135 })).toBeNull();
      await vi.advanceTimersByTimeAsync(600);
      const plan = offer.planMoved(named(), { x: 177, y: 135 })!;
      expect(plan).toMatchObject({ select: named().id, edit: { name: 'Pane into Card' } });
      editor.session.commit(plan.edit, plan.select);
      expect(named()).toMatchObject({
        host: { itemId: 'room', areaId: 'area_2' },
        finish: { opacity: 0.8 },
        fill: { photoId: other.id, fit: 'fill' },
      });
      const { x, y, width, height } = named().box;
      [x - 172, y - 132, width - 10, height - 7].forEach((off) => expect(off).toBeCloseTo(0, 6));
      // Something with a form of its own is no print.
      const round = { ...named(), outline: { type: 'ellipse' } } as const;
      expect(offer.planMoved(round, { x: 177, y: 135 })).toBeNull();
      await vi.advanceTimersByTimeAsync(600);
      expect(again).toHaveBeenCalledOnce();
    } finally {
      vi.useRealTimers();
    }
  });

  it('is offered once the photo has arrived as large as it takes', async () => {
    vi.useFakeTimers();
    try {
      arrived.set(false);
      const again = vi.fn();
      const [library, editing, viewport] = [TestBed.inject(AreaLibrary), TestBed.inject(AreaEditing), TestBed.inject(Viewport)];
      const offer = new FrameOffer(
        { session: editor.session, viewport, engine: engine as unknown as AreaEngine, library, editing },
        again,
      );
      offer.plan(other, { x: 200, y: 150 });
      await vi.advanceTimersByTimeAsync(900);
      expect(again).not.toHaveBeenCalled();
      arrived.set(true);
      await vi.advanceTimersByTimeAsync(200);
      expect(again).toHaveBeenCalledOnce();
    } finally {
      vi.useRealTimers();
    }
  });

  it('is offered nothing that is not sure to be one', async () => {
    vi.useFakeTimers();
    try {
      engine.find.mockResolvedValue([candidate(inner.form, 0.4, 1)]);
      const again = vi.fn();
      const [library, editing, viewport] = [TestBed.inject(AreaLibrary), TestBed.inject(AreaEditing), TestBed.inject(Viewport)];
      const offer = new FrameOffer(
        { session: editor.session, viewport, engine: engine as unknown as AreaEngine, library, editing },
        again,
      );
      offer.plan(other, { x: 200, y: 150 });
      await vi.advanceTimersByTimeAsync(600);
      expect(again).not.toHaveBeenCalled();
    } finally {
      vi.useRealTimers();
    }
  });
});
