import { signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { provideRouter } from '@angular/router';
import { addSheet, changeOpening, fillWithSheet, type Opening, type Sheet } from '@kadrosyn/core';
import { of } from 'rxjs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { Fault } from '../../api/fault';
import { Server } from '../../api/server';
import { Theme } from '../../interface/theme';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { StageView } from '../stage/stage-view';
import { EditorActions } from '../state/editor.actions';
import { selectExporting } from '../state/editor.selectors';
import { EditorHeaderComponent } from './editor-header.component';
import type { SamplesChoice } from './samples.dialog';

const sample = shaped('portrait', { slot: { hint: 'A portrait', sample: true } });

describe('the header', () => {
  let editor: OpenedEditor;
  let header: ComponentFixture<EditorHeaderComponent>;
  const uploading = signal<ReadonlySet<string>>(new Set());
  const say = vi.fn<(words: string) => void>();
  const addTemplate = vi.fn<(template: unknown) => Promise<unknown>>();
  let answer: unknown = undefined;
  const asked: unknown[] = [];
  const at = (selector: string): HTMLElement => (header.nativeElement as HTMLElement).querySelector(selector)!;
  const button = (name: string): HTMLButtonElement => at(`button[aria-label="${name}"]`) as HTMLButtonElement;

  beforeEach(() => {
    uploading.set(new Set());
    [answer, asked.length] = [undefined, 0];
    vi.resetAllMocks();
    const view = { heldBack: signal(null), holdBack: vi.fn(), letGo: vi.fn(), look: vi.fn() };
    const dialogs = {
      open: (_dialog: unknown, { data }: { data: unknown }) => {
        asked.push(data);
        return { afterClosed: () => of(answer) };
      },
    };
    editor = openedEditor(
      [shaped('arch'), sample],
      [
        provideRouter([]),
        { provide: Server, useValue: { addTemplate } },
        { provide: PhotoLibrary, useValue: { uploadingIds: uploading } },
        { provide: Notices, useValue: { say } },
        { provide: StageView, useValue: view },
        { provide: Theme, useValue: { dark: signal(false) } },
        { provide: MatDialog, useValue: dialogs },
      ],
    );
    header = TestBed.createComponent(EditorHeaderComponent);
    header.detectChanges();
  });

  it('says how far saving is, and when it needs somebody', () => {
    const words = (): [string, boolean] => {
      header.detectChanges();
      return [at('.saved').textContent.trim(), at('.saved').classList.contains('trouble')];
    };
    expect(words()[0]).toMatch(/^Saved \d\d:\d\d$/);
    editor.session.commit(editor.session.change(shaped('arch'), { name: 'Door' }, 'Rename arch'));
    expect(words()).toEqual(['Saving', false]);
    uploading.set(new Set(['photo']));
    expect(words()).toEqual(['Saves when the photo has arrived', false]);
    const failed = { projectId: 'card', message: 'No answer.', code: 'away' };
    editor.store.dispatch(EditorActions.savingFailed({ ...failed, passing: true }));
    expect(words()).toEqual(['Not saved yet, trying again', true]);
    for (let i = 0; i < 2; i++) editor.store.dispatch(EditorActions.savingFailed({ ...failed, passing: true }));
    expect(words()).toEqual(['Not saved yet, trying again; your work is kept here', true]);
    editor.store.dispatch(EditorActions.savingFailed({ ...failed, passing: false }));
    expect(words()).toEqual(['Not saved', true]);
  });

  it('names what undo and redo would do, and offers nothing where there is nothing', () => {
    expect([button('Undo').disabled, button('Redo').disabled]).toEqual([true, true]);
    editor.session.commit(editor.session.change(shaped('arch'), { name: 'Door' }, 'Rename arch'));
    header.detectChanges();
    button('Undo: Rename arch').click();
    header.detectChanges();
    expect(editor.item('arch')?.name).toBe('arch');
    button('Redo: Rename arch').click();
    expect(editor.item('arch')?.name).toBe('Door');
  });

  it('renames the project in one step; an empty name comes back', () => {
    const field = at('input[aria-label="Name of the project"]') as HTMLInputElement;
    field.value = '  ';
    header.componentInstance.rename(field);
    expect([field.value, editor.steps()]).toEqual(['Card', []]);
    field.value = ' Evening card ';
    header.componentInstance.rename(field);
    expect([editor.project().name, editor.steps()]).toEqual(['Evening card', ['Rename project']]);
  });

  it('counts samples on a sheet that is shown, and goes to that sheet for one', async () => {
    const { project } = editor.session.context();
    const [arch] = editor.sheet().items as [Opening];
    const other: Sheet = { ...editor.sheet(), id: 'other', name: 'Other', items: [{ ...sample, id: 'far' }] };
    editor.session.commit(addSheet(project, other));
    header.detectChanges();
    expect(at('.samples').textContent).toBe('One sample left');
    editor.session.commit(
      changeOpening(editor.sheet(), arch, { fill: fillWithSheet(arch, other, editor.session.context().shaper) }, 'Show'),
    );
    header.detectChanges();
    expect(at('.samples').textContent).toBe('2 samples left');
    answer = { goTo: other.items[0] as Opening } satisfies SamplesChoice;
    await header.componentInstance.export();
    expect([editor.sheet().id, editor.session.selected()?.id]).toEqual(['other', 'far']);
  });

  it('asks before samples are exported: goes to one, exports them, or does nothing', async () => {
    const exporting = editor.store.selectSignal(selectExporting);
    expect(at('.samples').textContent).toBe('One sample left');
    answer = { goTo: sample } satisfies SamplesChoice;
    await header.componentInstance.export();
    expect([asked, editor.session.selected()?.id, exporting()]).toEqual([[[sample]], 'portrait', null]);
    answer = undefined;
    await header.componentInstance.export();
    expect(exporting()).toBeNull();
    answer = 'export' satisfies SamplesChoice;
    await header.componentInstance.export();
    expect(exporting()).toEqual({ exportId: null, progress: 0 });
  });

  it('says what a scale comes to: px of a picture, fineness of a PDF', () => {
    expect(header.componentInstance.finenessWords(0.5)).toBe('1:2, 200 × 150 px');
    header.componentInstance.choose({ type: 'pdf' });
    expect(header.componentInstance.finenessWords(2)).toBe(`2:1, pictures at ${2 * editor.sheet().dpi} dpi`);
  });

  it('keeps a project as a template, and says so when it could not', async () => {
    answer = { name: 'Evening', words: 'dusk', hints: new Map([['arch', 'A door']]) };
    addTemplate.mockResolvedValueOnce({ id: 't' }).mockRejectedValueOnce(new Fault('full', 'There is no room.', {}, false));
    await header.componentInstance.saveAsTemplate();
    expect(say).toHaveBeenLastCalledWith('The template Evening was saved. You find it under Templates.');
    expect(addTemplate.mock.calls[0]![0]).toMatchObject({ name: 'Evening', words: 'dusk' });
    await header.componentInstance.saveAsTemplate();
    expect(say).toHaveBeenLastCalledWith('The template was not saved. There is no room.');
  });
});
