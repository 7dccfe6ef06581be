import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { addSheet, changeOpening, fillWithSheet, type Opening, type Sheet } from '@kadrosyn/core';
import { of } from 'rxjs';
import { beforeEach, describe, expect, it } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { EditorActions } from '../state/editor.actions';
import { selectExporting } from '../state/editor.selectors';
import { ExportButtonComponent } from './export-button.component';
import { Exporting } from './exporting';
import type { SamplesChoice } from './samples.dialog';

const sample = shaped('portrait', { slot: { hint: 'A portrait', sample: true } });

describe('the export button', () => {
  let editor: OpenedEditor;
  let exporting: Exporting;
  let button: ComponentFixture<ExportButtonComponent>;
  let answer: unknown = undefined;
  const asked: unknown[] = [];
  const at = (selector: string): HTMLElement => (button.nativeElement as HTMLElement).querySelector(selector)!;
  const words = (): string => (button.nativeElement as HTMLElement).textContent.replace(/\s+/g, ' ').trim();

  beforeEach(() => {
    [answer, asked.length] = [undefined, 0];
    const dialogs = {
      open: (_dialog: unknown, { data }: { data: unknown }) => {
        asked.push(data);
        return { afterClosed: () => of(answer) };
      },
    };
    editor = openedEditor([shaped('arch'), sample], [Exporting, { provide: MatDialog, useValue: dialogs }]);
    exporting = TestBed.inject(Exporting);
    button = TestBed.createComponent(ExportButtonComponent);
    button.detectChanges();
  });

  it('counts samples on a sheet that is shown, and goes to that sheet for one', async () => {
    const { project } = editor.session.context();
    const [arch] = editor.sheet().items as [Opening];
    const other: Sheet = { ...editor.sheet(), id: 'other', name: 'Other', items: [{ ...sample, id: 'far' }] };
    editor.session.commit(addSheet(project, other));
    button.detectChanges();
    expect(at('.samples').textContent).toBe('One sample left');
    editor.session.commit(
      changeOpening(editor.sheet(), arch, { fill: fillWithSheet(arch, other, editor.session.context().shaper) }, 'Show'),
    );
    button.detectChanges();
    expect(at('.samples').textContent).toBe('2 samples left');
    answer = { goTo: other.items[0] as Opening } satisfies SamplesChoice;
    await exporting.export();
    expect([editor.sheet().id, editor.session.selected()?.id]).toEqual(['other', 'far']);
  });

  it('asks before samples are exported: goes to one, exports them, or does nothing', async () => {
    const running = editor.store.selectSignal(selectExporting);
    expect(at('.samples').textContent).toBe('One sample left');
    answer = { goTo: sample } satisfies SamplesChoice;
    await exporting.export();
    expect([asked, editor.session.selected()?.id, running()]).toEqual([[[sample]], 'portrait', []]);
    answer = undefined;
    await exporting.export();
    expect(running()).toEqual([]);
    answer = 'export' satisfies SamplesChoice;
    await exporting.export();
    expect(running()).toEqual([{ key: expect.any(String) as string, exportId: null, progress: 0 }]);
  });

  it('names the file that one click makes', () => {
    expect(words()).toContain('Export PNG What for?');
    exporting.setPicture('screen', { type: 'webp' });
    button.detectChanges();
    expect(words()).toContain('Export WebP');
    exporting.set({ ...exporting.settings(), purpose: 'paper' });
    button.detectChanges();
    expect(words()).toContain('Export PDF');
  });

  it('shows how much of all that is on its way is done; each ends by itself', () => {
    const wanted = [EditorActions.exportWanted(null), EditorActions.exportWanted(null)];
    for (const action of wanted) editor.store.dispatch(action);
    const [first, second] = wanted.map(({ key }) => key);
    editor.store.dispatch(EditorActions.exportMovedOn({ key: first!, exportId: 'a', progress: 0.5 }));
    expect(exporting.progress()).toBe(0.25);
    editor.store.dispatch(EditorActions.exportEnded({ key: first!, said: { words: 'Done.', file: null } }));
    expect(exporting.progress()).toBe(0);
    editor.store.dispatch(EditorActions.exportEnded({ key: second!, said: null }));
    expect(exporting.progress()).toBeNull();
  });
});
