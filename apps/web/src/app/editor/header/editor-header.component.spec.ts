import { signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { provideRouter } from '@angular/router';
import { of } from 'rxjs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { Fault } from '../../api/fault';
import { Server } from '../../api/server';
import { Theme } from '../../interface/theme';
import { PhotoLibrary } from '../../photos/photo-library';
import { Exporting } from '../export/exporting';
import { Notices } from '../session/notices';
import { StageView } from '../stage/stage-view';
import { EditorActions } from '../state/editor.actions';
import { EditorHeaderComponent } from './editor-header.component';

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
        Exporting,
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
