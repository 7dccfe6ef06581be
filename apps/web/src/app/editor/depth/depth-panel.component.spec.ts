import { CUSTOM_ELEMENTS_SCHEMA, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { insertItem, type Item } from '@kadrosyn/core';
import { of } from 'rxjs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { BreakoutEditing } from '../breakout/breakout-editing';
import { BreakoutFinder } from '../breakout/breakout-finder';
import { ImprintEditing } from '../products/imprint-editing';
import { Notices } from '../session/notices';
import { DepthPanelComponent } from './depth-panel.component';
import { ItemThumbnailComponent } from './item-thumbnail.component';
import { Passed } from './passed';
import { SheetListComponent } from './sheet-list.component';

const group: Item = { type: 'group', id: 'both', name: 'both', items: [shaped('left'), shaped('right')] };

describe('the depth panel', () => {
  let editor: OpenedEditor;
  let panel: ComponentFixture<DepthPanelComponent>;
  let answer: string | undefined;
  const sayWithUndo = vi.fn<(words: string) => void>();
  const slabs = (): HTMLElement[] => {
    panel.detectChanges();
    return [...(panel.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('.slabs .slab')];
  };
  const names = (): string[] => slabs().map((slab) => slab.ariaLabel ?? slab.getAttribute('aria-label')!);
  const press = (id: string, key: string, more: KeyboardEventInit = {}): KeyboardEvent => {
    const slab = slabs().find((each) => each.getAttribute('aria-label')!.startsWith(id))!;
    const event = new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true, ...more });
    slab.dispatchEvent(event);
    return event;
  };

  beforeEach(() => {
    vi.resetAllMocks();
    answer = undefined;
    TestBed.overrideComponent(DepthPanelComponent, {
      remove: { imports: [ItemThumbnailComponent, SheetListComponent] },
      add: { schemas: [CUSTOM_ELEMENTS_SCHEMA] },
    });
    editor = openedEditor(
      [shaped('back', { locked: true }), group, shaped('front', { hidden: true })],
      [
        Passed,
        ImprintEditing,
        { provide: BreakoutFinder, useValue: { findings: signal(null) } },
        { provide: BreakoutEditing, useValue: { regions: signal([]) } },
        { provide: Notices, useValue: { sayWithUndo } },
        { provide: MatDialog, useValue: { open: () => ({ afterClosed: () => of(answer) }) } },
      ],
    );
    panel = TestBed.createComponent(DepthPanelComponent);
  });

  it('lists items from front to back and says of each what it is', () => {
    expect(names()).toEqual([
      'front, hidden, 1 of 3 from the front',
      'both, group of 2, 2 of 3 from the front',
      'back, locked, 3 of 3 from the front',
    ]);
  });

  it('opens a group by key, and where something in it is selected; what is closed is selected as a whole', () => {
    expect(press('both', 'ArrowRight').defaultPrevented).toBe(true);
    expect(names().slice(1, 4)).toEqual([
      'both, group of 2, 2 of 3 from the front',
      'right, 1 of 2 from the front of its group',
      'left, 2 of 2 from the front of its group',
    ]);
    editor.session.select('left');
    press('both', 'ArrowLeft');
    expect([slabs().length, editor.session.selected()?.id]).toEqual([3, 'both']);
  });

  it('lists what is shown before it is done, as while something is dragged into an area', () => {
    const { sheet } = editor.session.context();
    const item = { ...shaped('hung', { host: { itemId: 'back', areaId: 'area_1' } }) };
    editor.session.preview(insertItem(sheet, item, 'Hang'));
    expect(names()[0]).toBe('hung, 1 of 4 from the front');
  });

  it('moves a slab by Alt and an arrow, with Shift all the way, and leaves other keys alone', () => {
    const order = (): string[] => editor.sheet().items.map(({ id }) => id);
    press('both', 'ArrowUp', { altKey: true });
    expect(order()).toEqual(['back', 'front', 'both']);
    press('both', 'ArrowDown', { altKey: true, shiftKey: true });
    expect(order()).toEqual(['both', 'back', 'front']);
    expect(press('both', 'x').defaultPrevented).toBe(false);
  });

  it('renames, locks and hides in a step that says so', () => {
    answer = 'Pair';
    panel.componentInstance.rename(editor.item('both')!);
    panel.componentInstance.set(editor.item('back')!, { locked: false }, 'Unlock');
    panel.componentInstance.set(editor.item('front')!, { hidden: false }, 'Show');
    expect(editor.steps()).toEqual(['Rename both', 'Unlock back', 'Show front']);
    expect([editor.item('both')?.name, editor.item('back')?.locked, editor.item('front')?.hidden]).toEqual([
      'Pair',
      undefined,
      undefined,
    ]);
    answer = 'Pair';
    panel.componentInstance.rename(editor.item('both')!);
    expect(editor.steps()).toHaveLength(3);
  });

  it('takes an item away and says so with a way back', () => {
    panel.componentInstance.remove(editor.item('front')!);
    expect([editor.item('front'), editor.session.selected()]).toEqual([undefined, null]);
    expect(sayWithUndo).toHaveBeenCalledExactlyOnceWith('front was removed.');
  });
});
